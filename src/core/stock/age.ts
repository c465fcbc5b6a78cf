import type { Station } from '../station'
import { sameStation } from '../station'

const DAY_MS = 86_400_000

/** A station whose newest shots are older than the golfer wants them. */
export type OldStation = Station & { days: number; count: number }

/**
 * The stations that have grown old, those with the fewest solid shots first: they are the least to lean on.
 * @param stocks stations with shots that count
 * @param shots what stands behind them
 */
export function oldStations(
  stocks: readonly (Station & { count: number })[],
  shots: readonly (Station & { hitMs: number })[],
  { limitDays, nowMs }: { limitDays: number; nowMs: number },
): OldStation[] {
  return stocks
    .flatMap(({ clubId, swing, count }): OldStation[] => {
      const newestMs = Math.max(
        0,
        ...shots.filter((shot) => sameStation(shot, { clubId, swing })).map(({ hitMs }) => hitMs),
      )
      const days = Math.floor((nowMs - newestMs) / DAY_MS)
      return count > 0 && newestMs > 0 && days > limitDays ? [{ clubId, swing, days, count }] : []
    })
    .sort((a, b) => a.count - b.count)
}

/** So many shots with a club say whether an old stock is still true. */
export const CHECK_SHOTS = 3
