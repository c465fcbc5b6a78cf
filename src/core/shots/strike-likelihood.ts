import { blurredEven, density } from '../stock/normal'
import type { Spread } from '../stock/spread'

/** What goes wrong with a ball that is not good, and how often (a trial on seeded simulated golfers, and common practice). */
const SHARE = { speedLost: 0.6, thin: 0.25, wild: 0.15 }
/** A monitor misreads about one shot in a hundred. */
export const MISREAD_SHARE = 0.01
/** No shot is impossible: keeps one absurd reading from deciding alone. */
const FLOOR = 1e-9

/** One shot against its station, without what depends on the candidate stock. */
export type ShotTerms = {
  /** Whether ball speed was measured. */
  speed: boolean
  /** What launch and line add to each class: factors, 1 where they were not measured. */
  good: number
  speedLost: number
  thin: number
  wild: number
  misread: number
}

/**
 * What launch and line say of a shot's class.
 * @param launch logarithm of launch over the station's, null where either is not known
 * @param lateral offline as a share of carry, less the golfer's usual; null where not measured
 */
export function shotTerms(
  { speed, launch, lateral }: { speed: boolean; launch: number | null; lateral: number | null },
  spread: Spread,
): ShotTerms {
  const launchGood = launch === null ? 1 : density(launch, spread.launch)
  const launchBad = launch === null ? 1 : density(launch, 1.5 * spread.launch + 0.03)
  const launchThin = launch === null ? 1 : blurredEven(launch, -1.2, -0.3, 0.08)
  const lineGood = lateral === null ? 1 : density(lateral, spread.lateral)
  const lineBad = lateral === null ? 1 : density(lateral, 1.8 * spread.lateral)
  const lineWild = lateral === null ? 1 : blurredEven(Math.abs(lateral), 0.1, 0.3, 0.03) / 2
  return {
    speed,
    good: launchGood * lineGood,
    speedLost: launchBad * lineBad,
    thin: launchThin * lineBad,
    wild: launchGood * lineWild,
    misread: launchBad * lineBad,
  }
}

/**
 * Likelihood of a shot under all that can have gone wrong with it, weighted by how often it does.
 * @param r logarithm of carry over the candidate stock
 * @param e logarithm of ball speed over what the candidate stock would have; not looked at without speed
 */
export function missedLikelihood(terms: ShotTerms, r: number, e: number, spread: Spread): number {
  const { carry, speed, missed } = spread
  const thinCarry = blurredEven(r, -0.24, 0.03, 0.5 * carry + 0.01)
  const absurdCarry = blurredEven(r, -1.3, 0.7, 0.05)
  let lost: number
  let thin: number
  let wild: number
  let misread: number
  if (terms.speed) {
    // Carry follows lost speed by the power 1.35.
    lost = blurredEven(e, -0.3, -0.035, 0.012) * density(r - 1.35 * e, 0.03 + 0.3 * carry)
    thin = blurredEven(e, -0.09, 0.01, speed) * thinCarry
    wild = density(e + 0.015, 1.3 * speed) * density(r + 0.04 - 0.5 * (e + 0.015), 1.3 * carry)
    misread =
      (density(e, 1.5 * speed) * absurdCarry + blurredEven(e, -0.8, 0.5, 0.05) * density(r, 1.2 * carry)) / 2
  } else {
    lost = blurredEven(r, -0.4, -0.045, 0.03)
    thin = thinCarry
    wild = density(r + 0.04, 1.4 * carry)
    misread = absurdCarry
  }
  return (
    missed *
      (SHARE.speedLost * lost * terms.speedLost +
        SHARE.thin * thin * terms.thin +
        SHARE.wild * wild * terms.wild) +
    MISREAD_SHARE * misread * terms.misread +
    FLOOR
  )
}

/** Density of a good shot's speed and line; times the density of its carry it is the good shot's likelihood. */
export function goodBesideCarry(terms: ShotTerms, r: number, e: number, spread: Spread): number {
  const { speed, correlation, speedPerCarry, missed } = spread
  const share = 1 - missed - MISREAD_SHARE
  if (!terms.speed) return share * terms.good
  const residual = speed * Math.sqrt(1 - correlation ** 2)
  return share * terms.good * density(e - speedPerCarry * r, residual)
}

/** How likely a carry that far from the candidate stock belongs to a good shot, by carry alone. */
export function goodByCarry(r: number, { carry, missed }: Spread): number {
  const good = (1 - missed) * density(r, carry)
  const bad =
    missed * (0.6 * blurredEven(r, -0.4, -0.04, 0.03) + 0.4 * blurredEven(r, -0.25, 0.02, 0.03)) + 0.002
  return good / (good + bad)
}
