import { DAY_MS } from '../units'
import type { Visit } from './visit'

const MINUTE_MS = 60_000

/** A day of a coach: when it begins, and what is on it in the order of the clock. */
export type DeskDay<V> = { fromMs: number; visits: V[]; minutes: number }

/** The day that holds a moment by the clock of a place, as a count of days. */
const dayNumber = (ms: number, offsetMin: number): number => Math.floor((ms + offsetMin * MINUTE_MS) / DAY_MS)

/**
 * The days from today on that have visits, as many days ahead as a week has; today stands there in any case.
 * @param offsetMin of the clock by which the desk's days are, in minutes
 */
export function weekAhead<V extends Pick<Visit, 'atMs' | 'minutes'>>(
  visits: readonly V[],
  { nowMs, offsetMin }: { nowMs: number; offsetMin: number },
): DeskDay<V>[] {
  const today = dayNumber(nowMs, offsetMin)
  return Array.from({ length: 7 }, (_, i) => today + i).flatMap((day): DeskDay<V>[] => {
    const own = visits
      .filter(({ atMs }) => dayNumber(atMs, offsetMin) === day)
      .toSorted((a, b) => a.atMs - b.atMs)
    return own.length > 0 || day === today
      ? [
          {
            fromMs: day * DAY_MS - offsetMin * MINUTE_MS,
            visits: own,
            minutes: own.reduce((sum, { minutes }) => sum + minutes, 0),
          },
        ]
      : []
  })
}

/** Visits that overlap another one of the same list: whoever plans them hears of it. */
export const overlapping = <V extends Pick<Visit, 'atMs' | 'minutes'>>(visits: readonly V[], one: V): V[] =>
  visits.filter(
    (other) =>
      other !== one &&
      other.atMs < one.atMs + one.minutes * MINUTE_MS &&
      one.atMs < other.atMs + other.minutes * MINUTE_MS,
  )
