import type { BagInput } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { ClubId, SessionId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { Flight, Shot, Swing } from '@/core/shots/shot'
import type { Database } from './database'
import { apartBecause } from '@/core/session/conditions'
import { conditionsOfShots } from './session-events'
import { handStocks } from './hand-stocks'
import { FLIGHT_COLUMNS, withoutNulls } from './shots'

/** Stocks are taken from the shots of the last twelve months. */
export const STOCK_AGE_MS = 365 * 86_400_000

type Row = Flight & {
  id: ShotId
  sessionId: SessionId
  source: string
  seq: number
  startedMs: number
  clubId: ClubId
  swing: Swing
  mark: Mark | null
  hitMs: number
}

/**
 * Gathers what the calculations need to know of a golfer's bag: its clubs, and the shots with them of
 * the last twelve months that are there and not held.
 */
export function bagInput(db: Database, golfer: Golfer, bag: Bag, nowMs: number): BagInput {
  const rows = db
    .prepare(
      `SELECT n.id, n.seq, n.source, n.session_id AS sessionId, s.started_ms AS startedMs, n.club_id AS clubId, swing, mark,
         n.hit_ms AS hitMs, ${FLIGHT_COLUMNS}
       FROM session s JOIN shot_now n ON n.session_id = s.id
       WHERE s.golfer_id = @golferId AND n.hit_ms > @since AND present AND held_because IS NULL
         AND n.club_id IN (SELECT club_id FROM bag_slot WHERE bag_id = @bagId)
       ORDER BY s.started_ms, s.id, n.seq`,
    )
    .all({ golferId: golfer.id, bagId: bag.id, since: nowMs - STOCK_AGE_MS }) as Row[]
  const sessions = [...new Set(rows.map((row) => row.sessionId))]
  const place = new Map(sessions.map((id, i) => [id, i]))
  const reached = new Map<string, number>()
  const conditions = conditionsOfShots(db, golfer.id)
  const shots = rows.map(({ sessionId, startedMs: _startedMs, mark, seq, source, ...row }): Shot => {
    const sequence = reached.get(sessionId) ?? 0
    reached.set(sessionId, sequence + 1)
    // What was said in the bay is said of the shots that were hit there, not of those that a file brought.
    const apart = source === 'file' ? null : apartBecause(conditions(sessionId, seq))
    return {
      ...withoutNulls(row),
      ...(mark && { mark }),
      ...(apart && { apart }),
      session: place.get(sessionId) ?? 0,
      sequence,
    }
  })
  return {
    clubs: bag.clubs.map(({ id, kind, loftDeg }, order) => ({ id, kind, loftDeg, order })),
    shots,
    rules: {
      stockRule: golfer.stockRule,
      stepSchool: golfer.stepSchool,
      ...(golfer.ownZonesM && { zonesM: golfer.ownZonesM }),
      ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
      windCounts: golfer.windCounts,
      byHand: handStocks(db, golfer.id),
    },
  }
}
