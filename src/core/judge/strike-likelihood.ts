import { blurredEven, density } from '../math/normal'
import { tabled } from '../math/tabled'
import type { Spread } from './spread'

/** What goes wrong with a ball that is not good, and how often (a trial on seeded simulated golfers, and common practice). */
const SHARE = { speedLost: 0.56, thin: 0.24, wild: 0.14, topped: 0.06 }
/** A monitor misreads about one shot in a hundred. */
const MISREAD_SHARE = 0.01
/** And club speed alone about three times as often: then smash says nothing, and lies anywhere. */
const CLUB_MISREAD = { share: 0.03, sd: 0.1 }
/** No shot is impossible: keeps one absurd reading from deciding alone. */
const FLOOR = 1e-9
/** Carry follows lost ball speed by this power, and this much of it besides. */
const CARRY_PER_LOST_SPEED = 1.45
const WITH_LOST_SPEED = 0.03
/** A shot that lost speed starts almost as a good one, and every other lies as far off line as one. */
const LOST_SPEED = { launch: 1.2, lateral: 2, inLine: 0.5 }
/**
 * A topped or chunked shot loses a quarter of its speed and more, and starts anywhere from the ground to its usual launch.
 * Without a class of its own it would draw the stock towards itself.
 */
const TOPPED = {
  launch: [-1.5, 0.1],
  carryPerSpeed: [1.2, 3],
  carry: 0.15,
  speedUnder: -0.12,
  carryUnder: -0.2,
} as const
/** Mishits that cost a little are as common as all others together. */
const LITTLE = { ofSpeed: 0.5, ofCarry: 0.4 }

/** A ball ends wild from this share of its carry beside the golfer's usual line, or from so many of the golfer's own deviations. */
const WILD = { from: 0.1, deviations: 2.2 }
export const wildFrom = ({ lateral }: Pick<Spread, 'lateral'>): number =>
  Math.max(WILD.from, WILD.deviations * lateral)

/** What launch, line and smash say of one shot: factors of each class, 1 where they were not measured. */
export type ShotTerms = {
  good: number
  speedLost: number
  thin: number
  wild: number
  topped: number
  misread: number
  /** What smash says; null where it was not measured. */
  smash: SmashTerms | null
}
/** What smash says of each class, with how fast the swing was, and where club speed was misread. */
type SmashTerms = {
  good: number
  speedLost: number
  thin: number
  wild: number
  topped: number
  swing: number
  unread: number
}

/** A shot beside its station's usual one, as logarithms; null where either is not known. */
export type ShotDeviations = {
  launch: number | null
  /** Offline as a share of carry, less the golfer's usual. */
  lateral: number | null
  /** Smash and ball speed: both, or neither. */
  smash?: { smash: number; speed: number } | null
}

/**
 * How likely a golfer's shots are as good ones and as missed ones: carry, ball speed, launch, line and
 * smash together. The constants of the classes come from a trial on seeded simulated golfers.
 *
 * In all methods `r` is the logarithm of carry over the candidate stock, `e` that of ball speed over what
 * the candidate stock would have.
 */
export class StrikeLikelihood {
  private readonly goodShare: number
  private readonly speedGivenCarry: number
  private readonly lostCarry: number
  private readonly thinSpeed: (e: number) => number
  private readonly thinCarry: (r: number) => number
  /** How likely a carry that far from the candidate stock belongs to a good shot, by carry alone. */
  readonly goodByCarry: (r: number) => number

  constructor(readonly spread: Spread) {
    this.goodShare = 1 - spread.missed - MISREAD_SHARE
    this.speedGivenCarry = spread.speed * Math.sqrt(1 - spread.correlation ** 2)
    this.lostCarry = WITH_LOST_SPEED + 0.3 * spread.carry
    this.thinSpeed = tabled((e) => blurredEven(e, -0.09, 0.01, spread.speed), NEAR, FINE)
    this.thinCarry = tabled((r) => blurredEven(r, -0.4, 0.03, 0.5 * spread.carry + 0.01), NEAR, FINE)
    this.goodByCarry = tabled((r) => goodByCarry(spread, r), NEAR, FINE)
  }

  /** What launch, line and smash add to each class, whatever the stock. */
  terms({ launch, lateral, smash = null }: ShotDeviations): ShotTerms {
    const { spread } = this
    const launchBad = densityIfKnown(launch, 1.5 * spread.launch + 0.03)
    const launchLost = densityIfKnown(launch, LOST_SPEED.launch * spread.launch)
    const launchThin = launch === null ? 1 : blurredEven(launch, -1.2, -0.3, 0.08)
    const launchGood = densityIfKnown(launch, spread.launch)
    const lineGood = densityIfKnown(lateral, spread.lateral)
    const lineBad = densityIfKnown(lateral, 1.8 * spread.lateral)
    const lineLost =
      LOST_SPEED.inLine * lineGood +
      (1 - LOST_SPEED.inLine) * densityIfKnown(lateral, LOST_SPEED.lateral * spread.lateral)
    const lineWild =
      lateral === null ? 1 : blurredEven(Math.abs(lateral), wildFrom(spread), 3 * wildFrom(spread), 0.03) / 2
    return {
      good: launchGood * lineGood,
      speedLost: launchLost * lineLost,
      thin: launchThin * lineBad,
      wild: launchGood * lineWild,
      topped: (launch === null ? 1 : blurredEven(launch, ...TOPPED.launch, 0.1)) * lineLost,
      misread: launchBad * lineBad,
      smash: smash && this.smashTerms(smash),
    }
  }

  /**
   * A swing may be faster or slower than usual with any strike; what a strike loses shows in the smash. So a miss is a
   * swing as any other with lost smash, and a good shot one whose smash goes with its speed.
   */
  private smashTerms({ smash, speed }: { smash: number; speed: number }): SmashTerms | null {
    const known = this.spread.smash
    if (!known) return null
    const swing = density(speed - smash, known.clubSpeed)
    return {
      good: density(smash - known.perSpeed * speed, known.relativeSpeed),
      speedLost: lostSpeed(smash) * swing,
      thin: blurredEven(smash, -0.09, 0.01, known.sd) * swing,
      wild: density(smash + 0.015, 1.3 * known.sd) * swing,
      topped: toppedSpeed(smash) * swing,
      swing,
      unread: density(smash, CLUB_MISREAD.sd),
    }
  }

  /** Density of a good shot but for its carry; times the density of its carry it is the whole. */
  goodGivenCarry(terms: ShotTerms, r: number, e: number): number {
    const bySpeed = density(e - this.spread.speedPerCarry * r, this.speedGivenCarry)
    return this.goodShare * terms.good * bySpeed * goodSmash(terms)
  }

  /** The same of a shot without a ball speed. */
  goodWithoutSpeed(terms: ShotTerms): number {
    return this.goodShare * terms.good
  }

  /** Density of a shot under all that can have gone wrong with it, weighted by how often it does. */
  missed(terms: ShotTerms, r: number, e: number): number {
    const { carry, speed } = this.spread
    const { smash } = terms
    const lost =
      withSmash(lostSpeed(e), smash, smash?.speedLost) * density(r - CARRY_PER_LOST_SPEED * e, this.lostCarry)
    const thin = withSmash(this.thinSpeed(e), smash, smash?.thin) * this.thinCarry(r)
    const wild =
      withSmash(density(e + 0.015, 1.3 * speed), smash, smash?.wild) *
      density(r + 0.04 - 0.5 * (e + 0.015), 1.3 * carry)
    const misread =
      (density(e, 1.5 * speed) * goodSmash(terms) * anyCarry(r) +
        anySpeed(e) * (smash?.swing ?? 1) * density(r, 1.2 * carry)) /
      2
    return this.weighted(terms, lost, thin, wild, toppedGivenSmash(smash, r, e), misread)
  }

  /** The same of a shot without a ball speed. */
  missedWithoutSpeed(terms: ShotTerms, r: number): number {
    return this.weighted(
      terms,
      lostCarry(r),
      this.thinCarry(r),
      density(r + 0.04, 1.4 * this.spread.carry),
      r < TOPPED.carryUnder ? toppedCarry(r) : 0,
      anyCarry(r),
    )
  }

  private weighted(
    terms: ShotTerms,
    lost: number,
    thin: number,
    wild: number,
    topped: number,
    misread: number,
  ): number {
    return (
      this.spread.missed *
        (SHARE.speedLost * lost * terms.speedLost +
          SHARE.thin * thin * terms.thin +
          SHARE.wild * wild * terms.wild +
          SHARE.topped * topped * terms.topped) +
      MISREAD_SHARE * misread * terms.misread +
      FLOOR
    )
  }
}

// Hot: a posterior asks for these of every shot at every candidate.
const NEAR = [-0.6, 0.3] as const
const FINE = 0.002

/** How much ball speed (or smash) a strike loses: a little as often as anything up to a lot. */
const lostSpeed = tabled(
  (e) =>
    LITTLE.ofSpeed * blurredEven(e, -0.105, -0.035, 0.012) +
    (1 - LITTLE.ofSpeed) * blurredEven(e, -0.3, -0.035, 0.012),
  NEAR,
  FINE,
)
/** The same of carry, where speed was not measured. */
const lostCarry = tabled(
  (r) =>
    LITTLE.ofCarry * blurredEven(r, -0.15, -0.045, 0.03) +
    (1 - LITTLE.ofCarry) * blurredEven(r, -0.4, -0.045, 0.03),
  NEAR,
  FINE,
)
/** A topped shot's ball speed (or smash), and its carry where speed was not measured. */
const toppedSpeed = (e: number): number => (e < TOPPED.speedUnder ? blurredEven(e, -1.2, -0.25, 0.05) : 0)
const toppedCarry = (r: number): number => blurredEven(r, -2.2, -0.3, 0.08)

/** A topped shot by its speed and carry: the less speed it has, the less certain its carry is. */
function toppedGivenSmash(smash: SmashTerms | null, r: number, e: number): number {
  if (e >= TOPPED.speedUnder || r >= TOPPED.carryUnder) return 0
  const [most, least] = TOPPED.carryPerSpeed
  return withSmash(toppedSpeed(e), smash, smash?.topped) * blurredEven(r, least * e, most * e, TOPPED.carry)
}

/** A misread carry and a misread speed lie anywhere. */
const anyCarry = tabled((r) => blurredEven(r, -1.3, 0.7, 0.05), NEAR, FINE)
const anySpeed = tabled((e) => blurredEven(e, -0.8, 0.5, 0.05), NEAR, FINE)

function goodByCarry({ carry, missed }: Spread, r: number): number {
  const good = (1 - missed) * density(r, carry)
  const bad =
    missed * (0.6 * blurredEven(r, -0.4, -0.04, 0.03) + 0.4 * blurredEven(r, -0.25, 0.02, 0.03)) + 0.002
  return good / (good + bad)
}

/** A class by its smash, or by its ball speed where club speed was not measured, or was misread. */
const withSmash = (bySpeed: number, smash: SmashTerms | null, bySmash = 0): number =>
  smash === null ? bySpeed : (1 - CLUB_MISREAD.share) * bySmash + CLUB_MISREAD.share * smash.unread * bySpeed

/** What was not measured speaks for nothing. */
const densityIfKnown = (value: number | null, sd: number): number => (value === null ? 1 : density(value, sd))

const goodSmash = ({ smash }: ShotTerms): number =>
  smash === null ? 1 : (1 - CLUB_MISREAD.share) * smash.good + CLUB_MISREAD.share * smash.unread
