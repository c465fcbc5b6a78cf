import {
  prepareShots,
  selectShots,
  type DatedRow,
  type MeasuredRow,
  type SelectedShot,
  type ShotFilter,
} from '@/core/analysis/prepare-shots'
import { DAY_MS } from '@/core/units'
import { LRUCache } from 'lru-cache'
import type { BagInput, Rules } from '@/core/analysis/bag-analysis'
import { clubsInOrder, type Bag, allClubs } from '@/core/bag/bag'
import type { LeftOnPurpose } from '@/core/gaps/kept-as-is'
import { gapRules, type Golfer } from '@/core/model/golfer'
import type { Air } from '@/core/model/air'
import type { ClubId, GolferId, SessionId } from '@/core/model/ids'
import { perDatabase, type Database } from './database'
import { correctionsInForce } from './corrections'
import { conditionsOfShots } from './session-events'
import { handStocks } from './hand-stocks'
import { leftOnPurpose } from './kept-as-is'
import { IN_FORCE_MS } from './clubs'
import { LONGEST_SESSION_MS } from './sessions'
import { writeMarks } from './golfer-mark'
import { setUpsOf } from './set-ups'
import { FLIGHT_COLUMNS, withoutNulls } from './shots'
import type { Swing } from '@/core/model/station'

/** The air in which the golfer's tables compare clubs; null: as hit. */
export const comparingAir = ({ compareIn, referenceAir }: Golfer): Air | null =>
  compareIn === 'reference' ? { ...referenceAir, tailwindMps: 0, crosswindMps: 0 } : null

/** Stocks are taken from the shots of the last twelve months. */
export const STOCK_AGE_MS = 365 * DAY_MS

/** The shots of a session that may be included in a stock, and the measured values of those that were. */
type SessionRows = { mark: string; dated: DatedRow[]; measured: Map<number, MeasuredRow> }
const MOST_SHOTS = 100_000
/** Sessions that were read. After a new shot only its own session is read again. */
const rowsOf = perDatabase(
  () =>
    new LRUCache<SessionId, SessionRows>({
      maxSize: MOST_SHOTS,
      sizeCalculation: ({ dated }) => dated.length + 1,
    }),
)

/** The golfer's sessions in a period, oldest first, with their shots that may be included in a stock. */
function sessionRows(
  db: Database,
  golferId: GolferId,
  of: { begun: number; untilMs: number; only: readonly SessionId[] | null },
): [SessionId, SessionRows][] {
  const known = rowsOf(db)
  const ids = db
    .prepare(
      `SELECT id FROM session WHERE golfer_id = @golferId AND started_ms > @begun AND started_ms < @untilMs
         AND coalesce(place, '') <> 'course' AND (@only IS NULL OR id IN (SELECT value FROM json_each(@only)))
       ORDER BY started_ms, id`,
    )
    .pluck()
    .all({ golferId, ...of, only: of.only && JSON.stringify(of.only) }) as SessionId[]
  const { withoutSession, bySession } = writeMarks(db, golferId)
  const shots = db.prepare(
    `SELECT seq, monitor, source, club_id AS clubId, swing, mark, hit_ms AS hitMs
     FROM shot_now WHERE session_id = ? AND present AND held_because IS NULL ORDER BY seq`,
  )
  return ids.map((id) => {
    const mark = `${withoutSession} ${bySession.get(id)}`
    const found = known.get(id)
    if (found?.mark === mark) return [id, found]
    const fresh = { mark, dated: shots.all(id) as DatedRow[], measured: new Map<number, MeasuredRow>() }
    known.set(id, fresh)
    return [id, fresh]
  })
}

/** Which shots are gathered. */
export type ShotSelection = Partial<ShotFilter> & {
  /** The clubs out of the bag and their shots as well, behind those of the bag. */
  withRack?: boolean
  /** Those of other sessions are left out; null: of all. */
  sessions?: readonly SessionId[] | null
  /** As they were measured: no correction and no factor acts. */
  asMeasured?: boolean
}

/** All that was measured of some shots, by their place in the store. */
function measuredOf(
  db: Database,
  shots: readonly SelectedShot[],
  sessions: ReadonlyMap<SessionId, SessionRows>,
): (shot: SelectedShot) => MeasuredRow {
  const known = ({ sessionId }: SelectedShot) => sessions.get(sessionId)?.measured
  const missing = shots.filter((shot) => !known(shot)?.has(shot.seq))
  const rows = db
    .prepare(
      `SELECT n.seq, n.session_id AS sessionId, n.id, s.place, n.club_id AS clubId, swing, mark, n.hit_ms AS hitMs, n.monitor,
         ${FLIGHT_COLUMNS}
       FROM json_each(?) wanted JOIN shot_now n ON n.seq = wanted.value JOIN session s ON s.id = n.session_id`,
    )
    .all(JSON.stringify(missing.map(({ seq }) => seq))) as (MeasuredRow & {
    seq: number
    sessionId: SessionId
  })[]
  for (const { seq, sessionId, ...row } of rows) sessions.get(sessionId)?.measured.set(seq, withoutNulls(row))
  return (shot) => known(shot)?.get(shot.seq) as MeasuredRow
}

/**
 * Gathers what the calculations need to know of a golfer's bag: its clubs, and the shots with them of
 * the last twelve months that are there and not held. Shots hit on the course stand beside a stock, never in it.
 * @param inAir the air in which carries are to be compared; null: each in the air it was hit in
 */
export function bagInput(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  inAir: Air | null = null,
  {
    withRack = false,
    untilMs = IN_FORCE_MS,
    sinceMs = nowMs - STOCK_AGE_MS,
    sessions = null,
    monitor = null,
    ball = null,
    surface = null,
    asMeasured = false,
  }: ShotSelection = {},
): BagInput {
  const begun = sinceMs - LONGEST_SESSION_MS
  const conditions = conditionsOfShots(db, golfer.id, sessions, begun)
  const setUps = setUpsOf(db, golfer.id, begun, sessions)
  const rows = sessionRows(db, golfer.id, { begun, untilMs, only: sessions })
  const clubs = withRack ? allClubs(bag) : bag.clubs
  const { taken, older } = selectShots(
    rows.map(([id, { dated }]) => ({ id, setUp: setUps.get(id), shots: dated })),
    {
      ...{ clubs, conditions, stocksOff: golfer.stocksOff, windCounts: golfer.windCounts },
      filter: { sinceMs, untilMs, monitor, ball, surface },
    },
  )
  const shots = prepareShots(
    taken,
    measuredOf(db, taken, new Map(rows)),
    asMeasured ? null : correctionsInForce(db, golfer.id),
  )
  return {
    clubs: clubsInOrder({ clubs }),
    shots,
    ...(older.length > 0 && { older }),
    rules: {
      stockRule: golfer.stockRule,
      ...gapRules(golfer),
      ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
      windCounts: golfer.windCounts,
      toleranceM: golfer.toleranceM,
      ...(inAir && { inAir }),
      byHand: handStocks(db, golfer.id),
      leftOnPurpose: leftRules(leftOnPurpose(db, golfer.id)),
    },
  }
}

/** What the calculations need of what is kept as is. */
function leftRules(left: readonly LeftOnPurpose[]): NonNullable<Rules['leftOnPurpose']> {
  return {
    gaps: left.flatMap(({ about, because }) =>
      about.kind === 'step' ? [{ longerId: about.longerId, shorterId: about.shorterId, because }] : [],
    ),
    uncovered: left.flatMap(({ about, because }) =>
      about.kind === 'hole' ? [{ atM: about.atM, because }] : [],
    ),
  }
}

/** Shots with a station that no stock is made of: how many were hit on the course, and how many are too old, with the newest. */
export type ReferenceStock = {
  clubId: ClubId
  swing: Swing
  onCourse: number
  old: { shots: number; newestMs: number } | null
}

/** What stands beside the stocks of a bag: shots on the course, and those of the year before the last twelve months. */
export const referenceStocks = (db: Database, golfer: Golfer, bag: Bag, nowMs: number): ReferenceStock[] =>
  (
    db
      .prepare(
        `SELECT n.club_id AS clubId, n.swing,
           sum(s.place IS 'course' AND n.hit_ms > @since) AS onCourse,
           sum(s.place IS NOT 'course' AND n.hit_ms <= @since) AS oldShots,
           max(CASE WHEN s.place IS NOT 'course' AND n.hit_ms <= @since THEN n.hit_ms END) AS newestMs
         FROM session s JOIN shot_now n ON n.session_id = s.id
         WHERE s.golfer_id = @golferId AND s.started_ms > @yearBefore AND present AND held_because IS NULL
           AND n.club_id IN (SELECT club_id FROM bag_slot WHERE bag_id = @bagId)
         GROUP BY n.club_id, n.swing`,
      )
      .all({
        golferId: golfer.id,
        bagId: bag.id,
        since: nowMs - STOCK_AGE_MS,
        yearBefore: nowMs - 2 * STOCK_AGE_MS,
      }) as {
      clubId: ClubId
      swing: Swing
      onCourse: number
      oldShots: number
      newestMs: number | null
    }[]
  ).flatMap(({ clubId, swing, onCourse, oldShots, newestMs }) =>
    onCourse > 0 || oldShots > 0
      ? [{ clubId, swing, onCourse, old: newestMs === null ? null : { shots: oldShots, newestMs } }]
      : [],
  )
