import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { median } from '../math/quantile'
import { sample } from '../math/sample'
import { Z90 } from '../math/z90'
import { yards } from '../units'

/** What may be said of two monitors within a tolerance. */
type AgreeClaims = {
  /** On average within it: the 90% interval of the bias lies inside. */
  average: boolean
  /** 95 of 100 new differences seem within it: no proof. */
  limitsLook: boolean
  /** Single shots are shown to agree within it: the outer 95% bounds of both limits lie inside, and few pairs were misreads. */
  limitsProven: boolean
}
/** Two monitors on the same shots, first less second, in metres. */
export type Agreement = {
  pairs: number
  /** Pairs that lie so far off that they are a misread or no pair. */
  dropped: number
  biasM: number
  /** Half of the 90% interval of the bias. */
  biasHalfM: number
  sdM: number
  /** Between these lie 95 of 100 new differences, by Student's t; and how far out the paper's limits may lie, with 95% each. */
  lowM: number
  highM: number
  outerLowM: number
  outerHighM: number
  /** The limits of the paper, and half of the 90% interval of each. */
  limits: { lowM: number; highM: number; halfM: number }
  /** So few pairs say little: the words call it a guess. */
  isGuess: boolean
  claims: AgreeClaims
}

/** The two numbers of one shot. */
export type CarryPair = readonly [aM: number, bM: number]

/** Limits of agreement after Bland and Altman 1986, with 1.96 standard deviations where their print uses 2. */
const LIMITS_SD = 1.96
/** Common practice: two monitors are called alike when they are within so much. */
export const PRACTICE_M = yards(5)
/** Further from the middle than 4.5 robust standard deviations, and than 3 yd, is no measurement of the same shot. */
const OFF = { leastM: yards(3), deviations: 4.5, madToSd: 1.4826 }
/** One side of a 90% interval, and an outer bound; one side of a 95% interval. */
const UPPER = 0.95
const UPPER_95 = 0.975
/** With fewer pairs nothing is dropped: it would make a few the worst of all. */
const DROP_FROM = 10
/** Fewer pairs are a guess, and offer no correction. */
export const FEWEST_TO_CORRECT = 8
/** Where more of the pairs are misreads single shots do not agree, whatever the others do. */
const MOST_DROPPED = 0.03

/** How many standard deviations from the bias the outer bounds of the limits lie, with so many pairs. */
export const outerSds = (pairs: number): number =>
  LIMITS_SD + tQuantile(UPPER, pairs - 1) * Math.sqrt(1 / pairs + LIMITS_SD ** 2 / (2 * (pairs - 1)))

/** Which pairs are measurements of one shot, by how far their differences lie from the middle one. */
export function keptPairs(pairs: readonly CarryPair[]): boolean[] {
  if (pairs.length < DROP_FROM) return pairs.map(() => true)
  const off = pairs.map(([a, b]) => a - b)
  const middle = median(off)
  const mad = median(off.map((each) => Math.abs(each - middle)))
  const most = Math.max(OFF.leastM, OFF.deviations * OFF.madToSd * mad)
  return off.map((each) => Math.abs(each - middle) <= most)
}

/**
 * How two monitors agree on the same shots (Bland & Altman 1986, Lancet i:307).
 * @param toleranceM within how much they are to agree
 * @returns null below three pairs that are any
 */
export function agreement(pairs: readonly CarryPair[], toleranceM: number): Agreement | null {
  const kept = keptPairs(pairs)
  const off = pairs.filter((_, i) => kept[i]).map(([a, b]) => a - b)
  if (off.length < 3) return null
  const { mean, sd, count } = sample(off)
  const t = tQuantile(UPPER, count - 1)
  const biasHalfM = (t * sd) / Math.sqrt(count)
  const newM = tQuantile(UPPER_95, count - 1) * sd * Math.sqrt(1 + 1 / count)
  const [lowM, highM] = [mean - newM, mean + newM]
  const outerM = outerSds(count) * sd
  const [outerLowM, outerHighM] = [mean - outerM, mean + outerM]
  const inside = (low: number, high: number) => low >= -toleranceM && high <= toleranceM
  return {
    pairs: count,
    dropped: pairs.length - count,
    biasM: mean,
    biasHalfM,
    sdM: sd,
    ...{ lowM, highM, outerLowM, outerHighM },
    limits: {
      lowM: mean - LIMITS_SD * sd,
      highM: mean + LIMITS_SD * sd,
      halfM: Z90 * sd * Math.sqrt(1 / count + LIMITS_SD ** 2 / (2 * (count - 1))),
    },
    isGuess: count < FEWEST_TO_CORRECT,
    claims: {
      average: inside(mean - biasHalfM, mean + biasHalfM),
      limitsLook: inside(lowM, highM),
      limitsProven: inside(outerLowM, outerHighM) && pairs.length - count <= MOST_DROPPED * pairs.length,
    },
  }
}

/** How a difference goes with the distance: metres for each metre of the mean of the two, with half of its 90% interval. */
export type Growth = { perM: number; halfPerM: number; grows: boolean }
/** A slope from fewer pairs is none. */
const FEWEST_TO_GROW = 10

/** Whether the difference of two monitors grows with distance; null below ten pairs, or where all go equally far. */
export function growthOf(pairs: readonly CarryPair[]): Growth | null {
  const kept = keptPairs(pairs)
  const points = pairs.filter((_, i) => kept[i]).map(([a, b]) => ({ x: (a + b) / 2, y: a - b }))
  if (points.length < FEWEST_TO_GROW) return null
  const [middleX, middleY] = [sample(points.map(({ x }) => x)).mean, sample(points.map(({ y }) => y)).mean]
  const squares = points.reduce((sum, { x }) => sum + (x - middleX) ** 2, 0)
  if (squares === 0) return null
  const perM = points.reduce((sum, { x, y }) => sum + (x - middleX) * (y - middleY), 0) / squares
  const left = points.reduce((sum, { x, y }) => sum + (y - middleY - perM * (x - middleX)) ** 2, 0)
  const free = points.length - 2
  const halfPerM = tQuantile(UPPER, free) * Math.sqrt(left / free / squares)
  return { perM, halfPerM, grows: Math.abs(perM) > halfPerM }
}
