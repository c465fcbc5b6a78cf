import { DAY_MS } from '@/core/units'
import { LRUCache } from 'lru-cache'
import { randomUUID } from 'node:crypto'
import type { ClubId, GolferId, SessionId } from '@/core/model/ids'
import { USUAL_PACE } from '@/core/session/plan'
import type { Place, Session, SessionSummary } from '@/core/model/session'
import type { Station, Swing } from '@/core/model/station'
import { perDatabase, type Database } from './database'
import { golferMark, writeMarks } from './golfer-mark'

/** A session may be opened again, or a file may bring one that goes on for days: its first ball is this much older at most. */
export const LONGEST_SESSION_MS = 30 * DAY_MS
/** A session that was forgotten closes by itself after this long without a shot or a change of station. */
export const FORGOTTEN_AFTER_MS = 12 * 3600_000
/** Shots without an open station join the waiting ones if those came this recently. */
const SAME_VISIT_MS = 3 * 3600_000

type Row = Omit<Session, 'open' | 'untilSettled' | 'airLeft'> & {
  untilSettled: 0 | 1
  airLeft: 0 | 1
  openClubId: ClubId | null
  openSwing: Swing | null
}

const SESSION = `s.id, s.golfer_id AS golferId, s.started_ms AS startedMs, s.offset_min AS offsetMin, s.place,
  s.ended_ms AS endedMs, s.open_club_id AS openClubId, s.open_swing AS openSwing,
  s.hurt_ms AS injuryStopMs, s.rest_every AS restEvery, s.rest_s AS restS, s.until_settled AS untilSettled, s.air_left AS airLeft`

function session<R extends Row>({ openClubId, openSwing, untilSettled, airLeft, ...row }: R) {
  return {
    ...row,
    untilSettled: untilSettled === 1,
    airLeft: airLeft === 1,
    open: openClubId && openSwing ? { clubId: openClubId, swing: openSwing } : null,
  }
}

export function sessionById(db: Database, id: SessionId): Session | null {
  const row = db.prepare(`SELECT ${SESSION} FROM session s WHERE id = ?`).get(id) as Row | undefined
  return row ? session(row) : null
}

type ShotCounts = Omit<SessionSummary, keyof Session>
/** By session, valid until the session is written to. */
const countsOf = perDatabase(
  () => new LRUCache<SessionId, { mark: string; counts: ShotCounts }>({ max: 5000 }),
)

/** Adds the number of shots, clubs and files to each session. */
function summaries(db: Database, golferId: GolferId | null, rows: readonly Row[]): SessionSummary[] {
  const known = countsOf(db)
  const count = db.prepare(
    `SELECT count(*) AS shots, count(DISTINCT club_id) AS clubs, count(held_because) AS held,
       (SELECT count(DISTINCT import_id) FROM shot WHERE session_id = @id) AS files
     FROM shot_now WHERE session_id = @id AND present`,
  )
  const marks = golferId && writeMarks(db, golferId)
  return rows.map((row): SessionSummary => {
    const mark = marks && `${marks.withoutSession} ${marks.bySession.get(row.id)}`
    const found = known.get(row.id)
    const counts = found && found.mark === mark ? found.counts : (count.get({ id: row.id }) as ShotCounts)
    if (mark) known.set(row.id, { mark, counts })
    return { ...session(row), ...counts }
  })
}

/** Of a file that was withdrawn nothing is left but an empty session, which is no visit. */
const IS_VISIT = `(EXISTS (SELECT 1 FROM shot_now n WHERE n.session_id = s.id AND n.present)
  OR NOT EXISTS (SELECT 1 FROM shot n WHERE n.session_id = s.id AND n.import_id IS NOT NULL))`

/**
 * The golfer's sessions, newest first.
 * @param sinceMs only those that began later
 * @param most so many at most, `after` so many others
 */
export const sessionsOf = (
  db: Database,
  golferId: GolferId,
  { sinceMs = 0, most = -1, after = 0 } = {},
): SessionSummary[] =>
  summaries(
    db,
    golferId,
    db
      .prepare(
        `SELECT ${SESSION} FROM session s WHERE golfer_id = @golferId AND started_ms > @sinceMs AND ${IS_VISIT}
         ORDER BY started_ms DESC, id LIMIT @most OFFSET @after`,
      )
      .all({ golferId, sinceMs, most, after }) as Row[],
  )

type Counts = { sessions: number; shots: number }
const historiesOf = perDatabase(() => new Map<GolferId, { mark: string; counts: Counts }>())

/** The number of sessions and shots of a golfer. The count before the newest session is reused until those sessions change. */
export function historyOf(db: Database, golferId: GolferId): Counts {
  const newestMs = newestSessionMs(db, golferId) ?? 0
  const mark = `${newestMs} ${golferMark(db, golferId, { beforeMs: newestMs })}`
  const known = historiesOf(db)
  const found = known.get(golferId)
  const before =
    found?.mark === mark ? found.counts : counts(db, { golferId, fromMs: -Infinity, untilMs: newestMs })
  known.set(golferId, { mark, counts: before })
  const newest = counts(db, { golferId, fromMs: newestMs, untilMs: Infinity })
  return { sessions: before.sessions + newest.sessions, shots: before.shots + newest.shots }
}

const BETWEEN = 's.golfer_id = @golferId AND s.started_ms >= @fromMs AND s.started_ms < @untilMs'

// Nearly all shots are included: counting all and subtracting the others is faster.
const counts = (db: Database, of: { golferId: GolferId; fromMs: number; untilMs: number }): Counts =>
  db
    .prepare(
      `SELECT (SELECT count(*) FROM session s WHERE ${BETWEEN} AND ${IS_VISIT}) AS sessions,
         (SELECT count(*) FROM session s JOIN shot n ON n.session_id = s.id WHERE ${BETWEEN})
         - (SELECT count(*) FROM import_under_way u CROSS JOIN session s CROSS JOIN shot n ON n.session_id = s.id
            WHERE ${BETWEEN} AND n.import_id = u.import_id AND n.seq NOT IN (SELECT shot_seq FROM touched))
         - (SELECT count(*) FROM session s JOIN watching w ON w.session_id = s.id
              CROSS JOIN shot own ON own.session_id = w.session_id AND own.monitor = w.monitor
              CROSS JOIN shot_now n ON n.seq = own.seq
            WHERE ${BETWEEN} AND w.is_on = 1 AND n.watched)
         - (SELECT count(*) FROM touched t JOIN shot_now n ON n.seq = t.shot_seq JOIN session s ON s.id = n.session_id
            WHERE ${BETWEEN} AND NOT n.present AND NOT n.watched) AS shots`,
    )
    .get(of) as Counts

/** A session's shots that do not count until the golfer has answered. */
type NeedsChecking = { sessionId: SessionId; shots: number }

/** The golfer's sessions with shots that need checking, newest first. */
export const needsChecking = (db: Database, golferId: GolferId): NeedsChecking[] =>
  db
    .prepare(
      `SELECT n.session_id AS sessionId, count(*) AS shots FROM session s JOIN shot_now n ON n.session_id = s.id
       WHERE s.golfer_id = @golferId AND n.seq IN (
         SELECT h.seq FROM session own JOIN shot h ON h.session_id = own.id
         WHERE own.golfer_id = @golferId AND h.held_because IS NOT NULL
         UNION SELECT shot_seq FROM uncleared)
         AND n.present AND n.held_because IS NOT NULL
       GROUP BY s.id ORDER BY s.started_ms DESC`,
    )
    .all({ golferId }) as NeedsChecking[]

/** When a golfer's newest session began; null before the first. */
export const newestSessionMs = (db: Database, golferId: GolferId): number | null =>
  db.prepare('SELECT max(started_ms) FROM session WHERE golfer_id = ?').pluck().get(golferId) as number | null

/** Where the golfer hit last, as far as it was said. */
export const lastUsedPlace = (db: Database, golferId: GolferId): Place | null =>
  (db
    .prepare(
      'SELECT place FROM session WHERE golfer_id = ? AND place IS NOT NULL ORDER BY started_ms DESC LIMIT 1',
    )
    .pluck()
    .get(golferId) as Place | undefined) ?? null

/** Sessions whose shots came while nothing was open: they wait for a golfer. */
export const waitingSessions = (db: Database): SessionSummary[] =>
  summaries(
    db,
    null,
    db
      .prepare(`SELECT ${SESSION} FROM session s WHERE golfer_id IS NULL ORDER BY started_ms DESC, id`)
      .all() as Row[],
  )

type NewSession = {
  golferId: GolferId | null
  startedMs: number
  offsetMin: number
  place: Place | null
  /** When the range was said to be clear. */
  clearMs?: number
}

/** Starts a session. */
export function startSession(db: Database, start: NewSession, id = randomUUID() as SessionId): SessionId {
  db.prepare(
    `INSERT INTO session (id, golfer_id, started_ms, offset_min, place, clear_ms, rest_every, rest_s, until_settled, air_left)
     VALUES (@id, @golferId, @startedMs, @offsetMin, @place, @clearMs, @restEvery, @restS, 0, 0)`,
  ).run({ clearMs: null, ...USUAL_PACE, ...start, id })
  return id
}

/** Opens a station in the bay: from now on shots without a club belong to it. */
export function openStation(db: Database, sessionId: SessionId, station: Station, nowMs: number): void {
  db.prepare(
    `UPDATE session SET open_club_id = @clubId, open_swing = @swing, open_ms = @nowMs, ended_ms = NULL
     WHERE id = @sessionId`,
  ).run({ ...station, sessionId, nowMs })
}

/** Ends a session: its station closes. */
export function endSession(db: Database, sessionId: SessionId, nowMs: number): void {
  db.prepare(
    'UPDATE session SET ended_ms = ?, open_club_id = NULL, open_swing = NULL, open_ms = NULL WHERE id = ?',
  ).run(nowMs, sessionId)
}

/** Something hurts: the session stops there. Null: that was said by a slip of the finger. */
export function stopForPain(db: Database, sessionId: SessionId, injuryStopMs: number | null): void {
  db.transaction(() => {
    db.prepare('UPDATE session SET hurt_ms = ? WHERE id = ?').run(injuryStopMs, sessionId)
    if (injuryStopMs !== null) endSession(db, sessionId, injuryStopMs)
  }).immediate()
}

/** Its air stays unsaid: the golfer is not asked again. */
export function leaveAir(db: Database, sessionId: SessionId): void {
  db.prepare('UPDATE session SET air_left = 1 WHERE id = ?').run(sessionId)
}

export function setPlace(db: Database, sessionId: SessionId, place: Place): void {
  db.prepare('UPDATE session SET place = ? WHERE id = ?').run(place, sessionId)
}

/** The golfer's session that is still going on, if any. */
export function currentSession(db: Database, golferId: GolferId, nowMs: number): Session | null {
  const row = db
    .prepare(
      `SELECT ${SESSION} FROM session s WHERE s.golfer_id = ? AND s.ended_ms IS NULL
         AND max(s.started_ms, coalesce(s.open_ms, 0), coalesce((SELECT max(hit_ms) FROM shot WHERE session_id = s.id), 0)) > ?
       ORDER BY coalesce(s.open_ms, s.started_ms) DESC LIMIT 1`,
    )
    .get(golferId, nowMs - FORGOTTEN_AFTER_MS) as Row | undefined
  return row ? session(row) : null
}

/** The session in which shots wait while nothing is open, started if there is none of this visit. */
export function waitingSession(db: Database, nowMs: number, offsetMin: number): SessionId {
  const row = db
    .prepare(
      `SELECT id FROM session s WHERE golfer_id IS NULL
         AND coalesce((SELECT max(hit_ms) FROM shot WHERE session_id = s.id), started_ms) > ?
       ORDER BY started_ms DESC LIMIT 1`,
    )
    .get(nowMs - SAME_VISIT_MS) as { id: SessionId } | undefined
  return row?.id ?? startSession(db, { golferId: null, startedMs: nowMs, offsetMin, place: null })
}

/** The waiting shots are this golfer's. */
export function claimSession(db: Database, sessionId: SessionId, golferId: GolferId): void {
  db.prepare('UPDATE session SET golfer_id = ? WHERE id = ? AND golfer_id IS NULL').run(golferId, sessionId)
}
