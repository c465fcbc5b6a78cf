import { type Expectation } from '../session/session-event'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import type { Stock } from './stock'
import { sample } from '../math/sample'
import { atStation } from '../model/station'

/** An expectation beside what was found. Positive: too hopeful. */
export type ExpectationFound = Expectation & { stockM: number; tooLongM: number; share: number }

/** Over several stations: how much too long the golfer's guesses are on average, with its 90% interval. */
export type Habit = { tooLongM: number; lowM: number; highM: number; count: number }

/** Each expectation beside its station's stock, where there is one. Nothing is left out because of it. */
export function expectationsFound(
  expectations: readonly Expectation[],
  stocks: readonly Stock[],
): ExpectationFound[] {
  return expectations.flatMap((expectation) => {
    const { clubId, swing, carryM } = expectation
    const stockM = atStation(stocks, { clubId, swing })?.carryM
    if (stockM === undefined) return []
    return [{ ...expectation, stockM, tooLongM: carryM - stockM, share: (carryM - stockM) / stockM }]
  })
}

/** Fewer guesses are no habit. */
const FEWEST = 3

/** The golfer's habit of guessing; null below three guesses. */
export function habitOf(found: readonly ExpectationFound[]): Habit | null {
  if (found.length < FEWEST) return null
  const { mean, sd, count } = sample(found.map(({ tooLongM }) => tooLongM))
  const half = (tQuantile(0.95, count - 1) * sd) / Math.sqrt(count)
  return { tooLongM: mean, lowM: mean - half, highM: mean + half, count }
}
