import quantile from '@stdlib/stats-base-dists-normal-quantile'
import { phi } from '../math/normal'
import { outerSds } from './agree'

/** A plan is for 9 studies in 10 to succeed. */
const WANTED = 0.9
const FEWEST = 4
/** The most pairs that a golfer has to hit. */
export const MOST_PAIRS = 300
/** The spread that a study finds is tried at so many of its quantiles. */
const QUANTILES = 60

/**
 * The chance that so many pairs prove 95 shots in 100 to agree within a tolerance, if the true bias and spread are these:
 * over the spread that they find (chi-square by Wilson and Hilferty 1931) and over the bias that they find.
 */
export function proofChance(
  { biasM, sdM }: { biasM: number; sdM: number },
  toleranceM: number,
  pairs: number,
): number {
  const free = pairs - 1
  const far = outerSds(pairs)
  const biasSd = sdM / Math.sqrt(pairs)
  let sum = 0
  for (let i = 0; i < QUANTILES; i++) {
    const z = quantile((i + 0.5) / QUANTILES, 0, 1)
    const found = sdM * Math.max(0, 1 - 2 / (9 * free) + z * Math.sqrt(2 / (9 * free))) ** 1.5
    const room = toleranceM - far * found
    if (room > 0) sum += phi((room - biasM) / biasSd) - phi((-room - biasM) / biasSd)
  }
  return sum / QUANTILES
}

/** How many pairs in all prove it in 9 studies of 10; null where no number that anybody hits does. */
export function pairsToProve(of: { biasM: number; sdM: number }, toleranceM: number): number | null {
  for (let pairs = FEWEST; pairs <= MOST_PAIRS; pairs++)
    if (proofChance(of, toleranceM, pairs) >= WANTED) return pairs
  return null
}
