import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { Correction } from '@/core/monitors/correction'
import { SAME_BALL_MS, type MonitorReading, type MovedPair } from '@/core/monitors/pair-readings'
import type { FlightField } from '@/core/shots/flight-fields'
import { allOrRefused } from './all-or-refused'
import type { Database } from './database'
import { UNNAMED_MONITOR } from '@/core/monitors/monitor'
import { LONGEST_SESSION_MS } from './sessions'
import { FLIGHT_COLUMNS, shotsOfSession, takeShots, withoutNulls } from './shots'

/** What the golfer said of a second monitor in a session: that it only watches, or not; null: nothing. */
export const watching = (db: Database, sessionId: SessionId, monitor: string): boolean | null => {
  const on = db
    .prepare('SELECT is_on FROM watching WHERE session_id = ? AND monitor = ?')
    .pluck()
    .get(sessionId, monitor) as 0 | 1 | undefined
  return on === undefined ? null : on === 1
}

/** Says that a monitor only watches in a session, or that its shots count there. */
export function setWatching(
  db: Database,
  sessionId: SessionId,
  { monitor, on }: { monitor: string; on: boolean },
  nowMs: number,
): void {
  db.prepare('INSERT OR REPLACE INTO watching (session_id, monitor, is_on, set_ms) VALUES (?, ?, ?, ?)').run(
    sessionId,
    monitor,
    Number(on),
    nowMs,
  )
}

/** So many of a session's newest shots are looked at: two monitors send the same ball at nearly the same time. */
const NEWEST = 100

/** Whether another monitor has just sent a shot to the session that may be the same ball. */
export const isSecondReading = (
  db: Database,
  sessionId: SessionId,
  monitor: string,
  hitMs: number,
): boolean =>
  db
    .prepare(
      `SELECT 1 FROM (SELECT seq FROM shot WHERE session_id = @sessionId ORDER BY seq DESC LIMIT ${NEWEST}) newest
       JOIN shot_now n ON n.seq = newest.seq
       WHERE n.present AND n.source = 'monitor' AND n.held_because IS NOT 'second-monitor'
         AND n.monitor <> @monitor AND n.hit_ms BETWEEN @hitMs - @near AND @hitMs + @near LIMIT 1`,
    )
    .get({ sessionId, monitor, hitMs, near: SAME_BALL_MS }) !== undefined

/** The monitor of a shot: its own name, else that of the session's set-up. */
const BY = `coalesce(n.monitor, p.monitor, '${UNNAMED_MONITOR}')`

/** A monitor that a golfer's shots name, in one session. */
export type MonitorInSession = {
  sessionId: SessionId
  startedMs: number
  offsetMin: number
  monitor: string
  shots: number
  watches: boolean
}

/** A file of the one monitor and a session of the other are of the same balls when they began so near. */
const SAME_DAY_MS = 12 * 3_600_000

/** Which monitors measured the sessions of days on which one watched, newest first. */
export const monitorsInSessions = (db: Database, golferId: GolferId): MonitorInSession[] =>
  (
    db
      .prepare(
        `SELECT s.id AS sessionId, s.started_ms AS startedMs, s.offset_min AS offsetMin, ${BY} AS monitor,
           count(*) AS shots, max(n.watched) AS watches
         FROM session s JOIN shot_now n ON n.session_id = s.id LEFT JOIN set_up p ON p.session_id = s.id
         WHERE (n.present OR n.watched) AND s.id IN (
           SELECT near.id FROM watching w CROSS JOIN session o ON o.id = w.session_id
             CROSS JOIN session near ON near.golfer_id = o.golfer_id
               AND near.started_ms BETWEEN o.started_ms - @near AND o.started_ms + @near
           WHERE o.golfer_id = @golferId AND w.is_on = 1)
         GROUP BY s.id, ${BY} ORDER BY s.started_ms DESC, s.id, ${BY}`,
      )
      .all({ golferId, near: SAME_DAY_MS }) as (Omit<MonitorInSession, 'watches'> & { watches: 0 | 1 })[]
  ).map((row) => ({ ...row, watches: row.watches === 1 }))

/** Whether two sessions are of one day. */
export const areOneDay = (a: { startedMs: number }, b: { startedMs: number }): boolean =>
  Math.abs(a.startedMs - b.startedMs) <= SAME_DAY_MS

/** What a monitor said of a golfer's shots in some sessions, counted or watched, in the order hit. */
export const readingsOf = (db: Database, sessions: readonly SessionId[], monitor: string): MonitorReading[] =>
  (
    db
      .prepare(
        `SELECT n.id, n.session_id AS sessionId, club_id AS clubId, swing, hit_ms AS hitMs,
           ${FLIGHT_COLUMNS}
         FROM json_each(@sessions) wanted JOIN shot_now n ON n.session_id = wanted.value
           LEFT JOIN set_up p ON p.session_id = n.session_id
         WHERE ${BY} = @monitor AND (n.present OR n.watched) ORDER BY n.hit_ms, n.seq`,
      )
      .all({ sessions: JSON.stringify(sessions), monitor }) as MonitorReading[]
  ).map(withoutNulls)

/** The monitors that measured a golfer's shots since then, as far as somebody said. */
export const monitorNames = (db: Database, golferId: GolferId, sinceMs: number): string[] =>
  db
    .prepare(
      `SELECT DISTINCT coalesce(n.monitor, p.monitor) AS name
       FROM session s JOIN shot_now n ON n.session_id = s.id LEFT JOIN set_up p ON p.session_id = s.id
       WHERE s.golfer_id = @golferId AND s.started_ms > @begun AND n.hit_ms > @sinceMs AND n.present
         AND name IS NOT NULL
       ORDER BY name`,
    )
    .pluck()
    .all({ golferId, sinceMs, begun: sinceMs - LONGEST_SESSION_MS }) as string[]

/** Where the golfer said which readings belong together. */
export const movedPairs = (db: Database, golferId: GolferId): MovedPair[] =>
  db
    .prepare(
      'SELECT shot_id AS shotId, with_id AS withId FROM pair_moved WHERE golfer_id = ? ORDER BY at_ms, shot_id',
    )
    .all(golferId) as MovedPair[]

/** Keeps where some readings belong, in place of what was said of each before; `found` ones go where the clock puts them. */
export function movePairs(
  db: Database,
  golferId: GolferId,
  { moved, found = [] }: { moved: readonly MovedPair[]; found?: readonly ShotId[] | undefined },
  nowMs: number,
): void {
  const keep = db.prepare(
    'INSERT OR REPLACE INTO pair_moved (golfer_id, shot_id, with_id, at_ms) VALUES (?, ?, ?, ?)',
  )
  const forget = db.prepare('DELETE FROM pair_moved WHERE golfer_id = ? AND shot_id = ?')
  db.transaction(() => {
    for (const { shotId, withId } of moved) keep.run(golferId, shotId, withId, nowMs)
    for (const id of found) forget.run(golferId, id)
  }).immediate()
}

/** What a golfer found of monitors, on or off. */
export const correctionsOf = (db: Database, golferId: GolferId): Correction[] =>
  (
    db
      .prepare(
        `SELECT monitor, field, plus, share, half, against, pairs, set_ms AS setMs, is_on AS "on"
         FROM correction WHERE golfer_id = ? ORDER BY monitor, field`,
      )
      .all(golferId) as (Omit<Correction, 'on'> & { on: 0 | 1 })[]
  ).map((row) => ({ ...row, on: row.on === 1 }))

/** Keeps a correction in place of the one before for the same monitor and field. */
export function keepCorrection(db: Database, golferId: GolferId, { on, ...correction }: Correction): void {
  db.prepare(
    `INSERT OR REPLACE INTO correction (golfer_id, monitor, field, plus, share, half, against, pairs, set_ms, is_on)
     VALUES (@golferId, @monitor, @field, @plus, @share, @half, @against, @pairs, @setMs, @isOn)`,
  ).run({ ...correction, golferId, isOn: Number(on) })
}

/** Takes a correction back: every number is again what the monitor said. */
export function dropCorrection(db: Database, golferId: GolferId, monitor: string, field: FlightField): void {
  db.prepare('DELETE FROM correction WHERE golfer_id = ? AND monitor = ? AND field = ?').run(
    golferId,
    monitor,
    field,
  )
}

/** Why readings of another monitor are not taken: its shots count here, a shot is gone, or an id has other contents. */
type ReadingsRefused = 'counts' | 'no-shot' | 'other-contents'

/** Takes what another monitor's screen said of shots that are there: each with its shot's time and station. All or none. */
export function takeReadings(
  db: Database,
  sessionId: SessionId,
  {
    monitor,
    readings,
  }: { monitor: string; readings: readonly { id: ShotId; shotId: ShotId; carryM: number }[] },
  nowMs: number,
): 'taken' | ReadingsRefused {
  return allOrRefused(db, (refuse: (refusal: ReadingsRefused) => never) => {
    const counts = db
      .prepare('SELECT 1 FROM shot_now WHERE session_id = ? AND monitor = ? AND present LIMIT 1')
      .get(sessionId, monitor)
    if (counts) refuse('counts')
    const shots = new Map(shotsOfSession(db, sessionId).map((shot) => [shot.id, shot]))
    if (readings.some(({ shotId }) => !shots.has(shotId))) refuse('no-shot')
    setWatching(db, sessionId, { monitor, on: true }, nowMs)
    const taken = takeShots(
      db,
      readings.flatMap(({ id, shotId, carryM }) => {
        const shot = shots.get(shotId)
        return shot
          ? [
              {
                ...{
                  id,
                  sessionId,
                  carryM,
                  monitor,
                  hitMs: shot.hitMs,
                  clubId: shot.clubId,
                  swing: shot.swing,
                },
                ...{ source: 'monitor' as const, clubLabel: null, heldBecause: null, comparisonOnly: true },
              },
            ]
          : []
      }),
    )
    return taken ? ('taken' as const) : refuse('other-contents')
  })
}
