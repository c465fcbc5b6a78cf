import { RUN_SPREAD } from '../stock/near-chance'
import { sdOf } from '../math/z90'
import type { BagAnalysis } from '../analysis/bag-analysis'
import type { Club } from '../bag/club'
import { groundCarries } from '../gaps/coverage-of-bag'
import { coverOf, uncoveredBetween, touchingReaches } from '../gaps/cover'
import { DEFAULT_TOLERANCE_M, type Stretch } from '../model/coverage'
import type { Turf } from '../model/turf'
import { atStation, fullSwingOf, type Swing } from '../model/station'
import { isHit, type Stock } from '../stock/stock'
import { yards } from '../units'
import { pairsOf, type SameNumberPair } from './pairs'
import type { PlayableShot } from './for-number'
import { stationFlight, type StationFlight } from './station-flight'
import { wedgeTable, type WedgeCell } from './wedge-table'

/** A hit station of the rule, with its flight. */
export type WedgeShot = PlayableShot & {
  lowM: number
  highM: number
  /** Where 8 of 10 good shots fall. */
  reachM: Stretch
  count: number
  flight: StationFlight | null
}
export type Wedges = {
  table: WedgeCell[][]
  /** Every hit wedge shot, shortest first. */
  shots: WedgeShot[]
  pairs: SameNumberPair<WedgeShot>[]
  zone: Stretch | null
  uncovered: Stretch[]
  cover: number | null
  /** Where no good strike usually lands (8 in 10 land elsewhere), and where those of two shots meet. */
  reaches: { free: Stretch[]; shared: Stretch[] }
  /** Share of the golfer's shots that are good strikes, as everywhere: pooled over the bag. */
  goodShare: number
}

/**
 * Every shot with a few clubs, by swing: the table, the shots along one ruler, uncovered distances and pairs.
 * @param clubs those of the table, in bag order
 * @param goalZoneM the stretch whose uncovered distances count, as the analysis found them; else from the shortest shot to the longest
 */
export function wedges(
  clubs: readonly Club[],
  swings: readonly Swing[],
  { stocks, spread, goal }: Pick<BagAnalysis, 'stocks' | 'spread' | 'goal'>,
  {
    goalZoneM,
    toleranceM = DEFAULT_TOLERANCE_M,
    turf,
  }: { goalZoneM: Stretch | null; toleranceM?: number; turf: Turf },
): Wedges {
  const own = stocks.filter(({ clubId }) => clubs.some(({ id }) => id === clubId))
  const table = wedgeTable(clubs, swings, own)
  const shots = own
    .filter(isHit)
    .flatMap((stock): WedgeShot[] => {
      const { clubId, swing, carryM, lowM, highM, count } = stock
      const club = clubs.find(({ id }) => id === clubId)
      if (!club) return []
      const full = atStation(own, fullSwingOf(clubId))
      const flight = stationFlight(stock, full, club, turf)
      return [
        {
          clubId,
          swing,
          carryM,
          lowM,
          highM,
          reachM: stock.reachM,
          count,
          finishM: carryM + (flight?.runM ?? 0),
          sdM: spread.carry * carryM,
          unsureM: sdOf({ lowM, highM }),
          runUnsureM: RUN_SPREAD * Math.abs(flight?.runM ?? 0),
          flight,
        },
      ]
    })
    .sort((a, b) => a.carryM - b.carryM)
  const [shortest, longest] = [shots[0], shots.at(-1)]
  const span: Stretch | null =
    shortest && longest && shots.length > 1 ? [shortest.carryM, longest.carryM] : null
  const zone = goalZoneM ?? span
  // A distance has a club where any of the bag has it: the focus distances are those of every page.
  const carries = groundCarries(stocks)
  const covered = goalZoneM
    ? {
        uncovered: [...(goal?.uncovered ?? []), ...(goal?.maybeUncovered ?? [])].sort((a, b) => a[0] - b[0]),
        cover: goal?.cover ?? null,
      }
    : span
      ? { uncovered: uncoveredBetween(carries, toleranceM, span), cover: coverOf(carries, toleranceM, span) }
      : { uncovered: [], cover: null }
  return {
    table,
    shots,
    pairs: pairsOf(shots),
    zone,
    ...covered,
    reaches: usualReaches(own),
    goodShare: 1 - spread.missed,
  }
}

/** A shorter stretch in which nothing usually lands is no news. */
const WORTH_SAYING_M = yards(3)

function usualReaches(stocks: readonly Stock[]): Wedges['reaches'] {
  const { free, shared } = touchingReaches(stocks.filter(isHit).map(({ reachM }) => reachM))
  return { free: free.filter(([from, to]) => to - from >= WORTH_SAYING_M), shared }
}
