import type { GolferId, SessionId } from '@/core/model/ids'
import type { Receiving } from '@/core/shots/receiving'
import { allOrRefused } from './all-or-refused'
import type { Database } from './database'
import { FORGOTTEN_AFTER_MS } from './sessions'

/** A monitor that gives no name. */
const UNNAMED = ''

type Row = { monitor: string; sessionId: SessionId; golferId: GolferId; golfer: string; live: 0 | 1 }

/** Every monitor with the session that was said to take its shots; one that ended, hurt or was forgotten takes none. */
const rows = (db: Database, nowMs: number): Row[] =>
  db
    .prepare(
      `SELECT r.monitor, r.session_id AS sessionId, s.golfer_id AS golferId, g.name AS golfer,
         s.ended_ms IS NULL AND s.hurt_ms IS NULL
           AND max(coalesce(s.open_ms, s.started_ms), r.since_ms,
                   coalesce((SELECT max(hit_ms) FROM shot WHERE session_id = s.id), 0)) > ? AS live
       FROM receiver r JOIN session s ON s.id = r.session_id JOIN golfer g ON g.id = s.golfer_id
       ORDER BY r.monitor`,
    )
    .all(nowMs - FORGOTTEN_AFTER_MS) as Row[]

/** Makes a session the one that takes a monitor's shots, in place of the one that did. */
function setReceiver(db: Database, monitor: string, sessionId: SessionId, nowMs: number): void {
  db.prepare(
    `INSERT INTO receiver (monitor, session_id, since_ms) VALUES (?, ?, ?)
     ON CONFLICT (monitor) DO UPDATE SET session_id = excluded.session_id, since_ms = excluded.since_ms`,
  ).run(monitor, sessionId, nowMs)
}

/**
 * The session that takes a monitor's shots; null where none does, so that they wait. A monitor that is heard of for the first
 * time goes where those without a name go.
 */
export function receiverFor(db: Database, monitor: string | null, nowMs: number): SessionId | null {
  const all = rows(db, nowMs)
  const named = (monitor ?? UNNAMED).toLowerCase()
  const own = all.find((row) => row.monitor.toLowerCase() === named)
  const row = own ?? all.find((each) => each.monitor === UNNAMED)
  if (!row?.live) return null
  if (!own && monitor) setReceiver(db, monitor, row.sessionId, nowMs)
  return row.sessionId
}

/** A session begins, or goes on: it takes the monitors whose shots nobody else takes, and none from another golfer. */
export function beginReceiving(db: Database, sessionId: SessionId, nowMs: number): void {
  const all = rows(db, nowMs)
  const golferId = db.prepare('SELECT golfer_id FROM session WHERE id = ?').pluck().get(sessionId)
  if (!all.some(({ monitor }) => monitor === UNNAMED)) setReceiver(db, UNNAMED, sessionId, nowMs)
  for (const row of all)
    if (!row.live || row.golferId === golferId) setReceiver(db, row.monitor, sessionId, nowMs)
}

/**
 * The golfer takes over a monitor, or all of them.
 * @param onlyFree a monitor whose shots go to another golfer is not taken
 */
export function takeOver(
  db: Database,
  sessionId: SessionId,
  monitor: string | null,
  nowMs: number,
  { onlyFree = false } = {},
): 'taken' | 'elsewhere' {
  return allOrRefused(db, (refuse: (refusal: 'elsewhere') => never) => {
    const wanted = monitor === null ? [UNNAMED, ...rows(db, nowMs).map((row) => row.monitor)] : [monitor]
    const { elsewhere } = receivingOf(db, sessionId, nowMs)
    if (onlyFree && elsewhere.some((each) => wanted.includes(each.monitor))) refuse('elsewhere')
    for (const each of wanted) setReceiver(db, each, sessionId, nowMs)
    return 'taken' as const
  })
}

/** Where each monitor's shots go, as one session sees it. The nameless one is left out as soon as one has a name. */
export function receivingOf(db: Database, sessionId: SessionId, nowMs: number): Receiving {
  const all = rows(db, nowMs)
  const named = all.filter(({ monitor }) => monitor !== UNNAMED)
  const shown = named.length > 0 ? named : all
  const watching = db
    .prepare('SELECT monitor FROM watching WHERE session_id = ? AND is_on = 1')
    .pluck()
    .all(sessionId)
  return {
    watching: shown.flatMap((row) => (watching.includes(row.monitor) ? [row.monitor] : [])),
    here: shown.flatMap((row) => (row.live && row.sessionId === sessionId ? [row.monitor] : [])),
    elsewhere: shown.flatMap((row) =>
      row.live && row.sessionId !== sessionId ? [{ monitor: row.monitor, golfer: row.golfer }] : [],
    ),
    nowhere: shown.length === 0 ? [UNNAMED] : shown.flatMap((row) => (row.live ? [] : [row.monitor])),
  }
}

/** The monitors whose shots go to a golfer just now; one that gives no name as ''. */
export const receivedBy = (db: Database, golferId: GolferId, nowMs: number): string[] =>
  rows(db, nowMs).flatMap((row) => (row.live && row.golferId === golferId ? [row.monitor] : []))
