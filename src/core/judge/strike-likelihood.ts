import { blurredEven, density } from '../math/normal'
import type { Spread } from './spread'

/** What goes wrong with a ball that is not good, and how often (a trial on seeded simulated golfers, and common practice). */
const SHARE = { speedLost: 0.6, thin: 0.25, wild: 0.15 }
/** A monitor misreads about one shot in a hundred. */
const MISREAD_SHARE = 0.01
/** No shot is impossible: keeps one absurd reading from deciding alone. */
const FLOOR = 1e-9
/** Carry follows lost ball speed by this power. */
const CARRY_PER_LOST_SPEED = 1.45

/** A ball ends wild from this share of its carry beside the golfer's usual line, or from so many of the golfer's own deviations. */
const WILD = { from: 0.1, deviations: 2.2 }
export const wildFrom = ({ lateral }: Pick<Spread, 'lateral'>): number =>
  Math.max(WILD.from, WILD.deviations * lateral)

/** What launch and line say of one shot: factors of each class, 1 where they were not measured. */
export type ShotTerms = { good: number; speedLost: number; thin: number; wild: number; misread: number }

/**
 * How likely a golfer's shots are as good ones and as missed ones: carry, ball speed, launch and line
 * together. The constants of the classes come from a trial on seeded simulated golfers.
 *
 * In all methods `r` is the logarithm of carry over the candidate stock, `e` that of ball speed over what
 * the candidate stock would have.
 */
export class StrikeLikelihood {
  private readonly goodShare: number
  private readonly speedGivenCarry: number
  private readonly lostCarry: number
  private readonly thinCarry: number

  constructor(private readonly spread: Spread) {
    this.goodShare = 1 - spread.missed - MISREAD_SHARE
    this.speedGivenCarry = spread.speed * Math.sqrt(1 - spread.correlation ** 2)
    this.lostCarry = 0.05 + 0.3 * spread.carry
    this.thinCarry = 0.5 * spread.carry + 0.01
  }

  /**
   * What launch and line add to each class.
   * @param launch logarithm of launch over the station's, null where either is not known
   * @param lateral offline as a share of carry, less the golfer's usual; null where not measured
   */
  terms(launch: number | null, lateral: number | null): ShotTerms {
    const { spread } = this
    const launchGood = launch === null ? 1 : density(launch, spread.launch)
    const launchBad = launch === null ? 1 : density(launch, 1.5 * spread.launch + 0.03)
    const launchThin = launch === null ? 1 : blurredEven(launch, -1.2, -0.3, 0.08)
    const lineGood = lateral === null ? 1 : density(lateral, spread.lateral)
    const lineBad = lateral === null ? 1 : density(lateral, 1.8 * spread.lateral)
    const lineWild =
      lateral === null ? 1 : blurredEven(Math.abs(lateral), wildFrom(spread), 3 * wildFrom(spread), 0.03) / 2
    return {
      good: launchGood * lineGood,
      speedLost: launchBad * lineBad,
      thin: launchThin * lineBad,
      wild: launchGood * lineWild,
      misread: launchBad * lineBad,
    }
  }

  /** Density of a good shot but for its carry; times the density of its carry it is the whole. */
  goodBesideCarry(terms: ShotTerms, r: number, e: number): number {
    return this.goodShare * terms.good * density(e - this.spread.speedPerCarry * r, this.speedGivenCarry)
  }

  /** The same of a shot without a ball speed. */
  goodWithoutSpeed(terms: ShotTerms): number {
    return this.goodShare * terms.good
  }

  /** Density of a shot under all that can have gone wrong with it, weighted by how often it does. */
  missed(terms: ShotTerms, r: number, e: number): number {
    const { carry, speed } = this.spread
    const lost = blurredEven(e, -0.3, -0.035, 0.012) * density(r - CARRY_PER_LOST_SPEED * e, this.lostCarry)
    const thin = blurredEven(e, -0.09, 0.01, speed) * blurredEven(r, -0.4, 0.03, this.thinCarry)
    const wild = density(e + 0.015, 1.3 * speed) * density(r + 0.04 - 0.5 * (e + 0.015), 1.3 * carry)
    const misread =
      (density(e, 1.5 * speed) * blurredEven(r, -1.3, 0.7, 0.05) +
        blurredEven(e, -0.8, 0.5, 0.05) * density(r, 1.2 * carry)) /
      2
    return this.weighted(terms, lost, thin, wild, misread)
  }

  /** The same of a shot without a ball speed. */
  missedWithoutSpeed(terms: ShotTerms, r: number): number {
    return this.weighted(
      terms,
      blurredEven(r, -0.4, -0.045, 0.03),
      blurredEven(r, -0.4, 0.03, this.thinCarry),
      density(r + 0.04, 1.4 * this.spread.carry),
      blurredEven(r, -1.3, 0.7, 0.05),
    )
  }

  /** How likely a carry that far from the candidate stock belongs to a good shot, by carry alone. */
  goodByCarry(r: number): number {
    const { carry, missed } = this.spread
    const good = (1 - missed) * density(r, carry)
    const bad =
      missed * (0.6 * blurredEven(r, -0.4, -0.04, 0.03) + 0.4 * blurredEven(r, -0.25, 0.02, 0.03)) + 0.002
    return good / (good + bad)
  }

  private weighted(terms: ShotTerms, lost: number, thin: number, wild: number, misread: number): number {
    return (
      this.spread.missed *
        (SHARE.speedLost * lost * terms.speedLost +
          SHARE.thin * thin * terms.thin +
          SHARE.wild * wild * terms.wild) +
      MISREAD_SHARE * misread * terms.misread +
      FLOOR
    )
  }
}
