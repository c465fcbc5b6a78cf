import { type PencilRule } from '../model/stock-rule'
import { quantile, median } from '../math/quantile'
import { sample } from '../math/sample'

/** `best-n-of-m` is best three of five: it keeps the longest three fifths, rounded up. */
const BEST = { n: 3, m: 5 }
/** `reliable` is the carry that 8 solid shots in 10 reach. */
const RELIABLE_SHARE = 0.8

/**
 * The stock of one station under every rule, in metres.
 * @param solid carries of the solid shots, at least one
 * @param all carries of every shot that was read, marked or not
 */
export function stockByRule(solid: readonly number[], all: readonly number[]): Record<PencilRule, number> {
  const longest = [...solid].sort((a, b) => b - a).slice(0, Math.ceil((solid.length * BEST.n) / BEST.m))
  return {
    'mean-solid': sample(solid).mean,
    'median-solid': median(solid),
    'best-n-of-m': sample(longest).mean,
    'mean-all': sample(all).mean,
    reliable: quantile(solid, 1 - RELIABLE_SHARE),
  }
}
