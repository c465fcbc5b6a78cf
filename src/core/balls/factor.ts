import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { phi } from '../math/normal'
import { sample } from '../math/sample'
import { Z90 } from '../math/z90'

/** How much further one ball, or one surface, goes than another: a factor on the second's carries. */
export type Factor = { factor: number; low: number; high: number; ofFirst: number; ofSecond: number }

/** Fewer of either say nothing. */
const FEWEST = 3

/**
 * The factor by which the first of two sets of solid carries goes further than the second, hit alternately with one club, and
 * its 90% interval. The spread is pooled over both.
 * @returns null with fewer than three of either
 */
export function factorOf(first: readonly number[], second: readonly number[]): Factor | null {
  if (first.length < FEWEST || second.length < FEWEST) return null
  const [a, b] = [first, second].map((carries) => sample(carries.map(Math.log)))
  if (!a || !b) return null
  const free = a.count + b.count - 2
  const pooled = Math.sqrt(((a.count - 1) * a.sd ** 2 + (b.count - 1) * b.sd ** 2) / free)
  const half = tQuantile(0.95, free) * pooled * Math.sqrt(1 / a.count + 1 / b.count)
  const middle = a.mean - b.mean
  return {
    factor: Math.exp(middle),
    low: Math.exp(middle - half),
    high: Math.exp(middle + half),
    ofFirst: a.count,
    ofSecond: b.count,
  }
}

/** Half of the 90% interval of a factor, as a share, with so many of each ball at a spread that is known. */
export const factorHalf = (variation: number, each: number): number => Z90 * variation * Math.sqrt(2 / each)

/** Tee and ground, mat and grass: two stocks, one will do, or not to be told yet. */
export type LieStocks = 'two' | 'one' | 'open'

/** At least so much with that chance is two stocks; within so much with that chance, one will do. */
const TWO_FROM = { share: 0.03, chance: 0.8 }
const ONE_WITHIN = { share: 0.02, chance: 0.8 }

/** Two where the difference is likely real, or likely large; one where it is likely small. */
export function lieStocks({ factor, low, high }: Factor): LieStocks {
  const sd = Math.log(high / low) / (2 * Z90)
  const [away, middle] = [Math.abs(Math.log(factor)), Math.log(factor)]
  const large = phi((away - Math.log(1 + TWO_FROM.share)) / sd)
  if (low > 1 || high < 1 || large >= TWO_FROM.chance) return 'two'
  const edge = Math.log(1 + ONE_WITHIN.share)
  return phi((edge - middle) / sd) - phi((-edge - middle) / sd) >= ONE_WITHIN.chance ? 'one' : 'open'
}

/** Whether the factors of several clubs may be one: every interval holds the mean of all. */
export function isOneFactor(factors: readonly Factor[]): boolean {
  if (factors.length === 0) return false
  const mean = factors.reduce((sum, { factor }) => sum + factor, 0) / factors.length
  return factors.every(({ low, high }) => low <= mean && high >= mean)
}
