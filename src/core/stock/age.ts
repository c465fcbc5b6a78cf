import { DAY_MS } from '../units'
import type { Station } from '../model/station'
import { sameStation } from '../model/station'

/** A station whose newest shots are older than the golfer wants them. */
export type OldStation = Station & { days: number; count: number }

/**
 * The stations that have grown old, those with the fewest solid shots first: they are the least to lean on.
 * @param stocks stations with shots that count
 * @param shots what stands behind them
 * @param offsetMin of the clock by which days are counted: they are those of the calendar
 */
export function oldStations(
  stocks: readonly (Station & { count: number })[],
  shots: readonly (Station & { hitMs: number })[],
  { limitDays, nowMs, offsetMin }: { limitDays: number; nowMs: number; offsetMin: number },
): OldStation[] {
  return stocks
    .flatMap(({ clubId, swing, count }): OldStation[] => {
      const newestMs = Math.max(
        0,
        ...shots.filter((shot) => sameStation(shot, { clubId, swing })).map(({ hitMs }) => hitMs),
      )
      const days = dayOf(nowMs, offsetMin) - dayOf(newestMs, offsetMin)
      return count > 0 && newestMs > 0 && days > limitDays ? [{ clubId, swing, days, count }] : []
    })
    .sort((a, b) => a.count - b.count)
}

const dayOf = (ms: number, offsetMin: number): number => Math.floor((ms + offsetMin * 60_000) / DAY_MS)

/** So many shots with a club say whether an old stock is still true. */
export const CHECK_SHOTS = 3
