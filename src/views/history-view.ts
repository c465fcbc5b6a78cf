import { allClubs } from '@/core/bag/bag'
import type { Bag } from '@/core/bag/bag'
import { seasonOf, type Season } from '@/core/compare/side'
import type { Golfer } from '@/core/model/golfer'
import type { Adjustments } from '@/core/shots/adjustments'
import type { ClubId, SessionId } from '@/core/model/ids'
import { stationKey, type Station, type Swing } from '@/core/model/station'
import { isOfShots } from '@/core/stock/stock'
import { comparingAir } from '@/store/bag-input'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import { historyOf, sessionsOf } from '@/store/sessions'
import { bagMoments, type BagMoment } from './bag-as-it-was'
import { judgedTogether } from './bag-analysis'
import { setUpsOfClubs } from '@/store/clubs'

/** What one session says of a station: its shots alone. */
type HistoryPoint = {
  sessionId: SessionId
  atMs: number
  season: Season
  carryM: number
  lowM: number
  highM: number
  count: number
  /** What its shots hold besides what was measured. */
  adjustments: Adjustments
}
export type StationHistory = {
  clubId: ClubId
  swing: Swing
  points: HistoryPoint[]
  /** When the club was changed. */
  changedMs: number[]
}

export type HistoryView = {
  golfer: Golfer
  bag: Bag
  stations: StationHistory[]
  /** When the clubs of the bag changed. */
  bags: BagMoment[]
  /** Older sessions that are not shown. */
  more: number
}

/** As many sessions at most, the newest. */
const MOST_SESSIONS = 40

/** Every station's stock, session by session; null before the first bag. */
export function historyView(db: Database, golfer: Golfer): HistoryView | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const newest = sessionsOf(db, golfer.id, { most: MOST_SESSIONS })
  const shown = newest.filter(({ shots, place }) => shots > 0 && place !== 'course').reverse()
  const inAir = comparingAir(golfer)
  const found = new Map<string, Station & { points: HistoryPoint[] }>()
  for (const { id, startedMs, offsetMin } of shown) {
    const then = bagOf(db, golfer.id, startedMs + 1) ?? bag
    const { stocks } = judgedTogether(db, golfer, then, startedMs, inAir, {
      sinceMs: 0,
      sessions: [id],
    })
    for (const stock of stocks.filter(isOfShots)) {
      const { clubId, swing, carryM, lowM, highM, count, adjustments = [] } = stock
      const station = found.get(stationKey(stock)) ?? { clubId, swing, points: [] }
      station.points.push({
        sessionId: id,
        atMs: startedMs,
        season: seasonOf(startedMs, offsetMin).season,
        ...{ carryM, lowM, highM, count, adjustments },
      })
      found.set(stationKey(stock), station)
    }
  }
  const changes = setUpsOfClubs(db, golfer.id)
  const clubs = allClubs(bag)
  const order = new Map(clubs.map(({ id }, i) => [id, i]))
  return {
    golfer,
    bag,
    stations: [...found.values()]
      .filter(({ clubId }) => order.has(clubId))
      .sort((a, b) => (order.get(a.clubId) ?? 0) - (order.get(b.clubId) ?? 0))
      .map((station) => ({
        ...station,
        changedMs: (changes.get(station.clubId) ?? []).flatMap(({ sinceMs }) =>
          sinceMs > 0 ? [sinceMs] : [],
        ),
      })),
    bags: bagMoments(db, golfer).filter(({ clubs: inOrOut }) => inOrOut.length > 0),
    more: historyOf(db, golfer.id).sessions - newest.length,
  }
}
