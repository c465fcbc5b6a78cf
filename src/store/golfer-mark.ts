import type { GolferId, SessionId } from '@/core/ids'
import { markOf, type Database } from './database'

/** Writes that may be of any golfer, and those that are of no session. */
const ANYBODY = '*'
const NO_SESSION = ''
/** In the place of a golfer: since when is counted. */
const SINCE = ''

const ofShot = (row: string, column: string) =>
  `(SELECT s.${column} FROM shot n JOIN session s ON s.id = n.session_id WHERE n.seq = ${row}.shot_seq)`

/** Whose a row is, and of which session, by the first of these columns that its table has; `row` is NEW or OLD. */
const OWNER: [column: string, ownerOf: (row: string) => string, sessionOf?: (row: string) => string][] = [
  ['golfer_id', (row) => `${row}.golfer_id`],
  [
    'session_id',
    (row) => `(SELECT golfer_id FROM session WHERE id = ${row}.session_id)`,
    (row) => `${row}.session_id`,
  ],
  ['shot_seq', (row) => ofShot(row, 'golfer_id'), (row) => ofShot(row, 'id')],
  ['club_id', (row) => `(SELECT golfer_id FROM club WHERE id = ${row}.club_id)`],
  ['bag_id', (row) => `(SELECT golfer_id FROM bag WHERE id = ${row}.bag_id)`],
  ['round_id', (row) => `(SELECT golfer_id FROM round WHERE id = ${row}.round_id)`],
  ['visit_id', (row) => `(SELECT golfer_id FROM visit WHERE id = ${row}.visit_id)`],
]

/**
 * Has this connection count the writes to each golfer's data: in a table and by triggers of its own, which no other connection sees
 * and no file has. The connection itself shows whether it does: the server has more than one copy of this file.
 */
function watch(db: Database): void {
  const isWatched = db.prepare("SELECT 1 FROM temp.sqlite_schema WHERE name = 'golfer_write'").get()
  if (isWatched) return
  db.pragma('temp_store = MEMORY')
  db.exec(
    `CREATE TEMP TABLE golfer_write (golfer_id TEXT, session_id TEXT, writes INTEGER NOT NULL,
       PRIMARY KEY (golfer_id, session_id)) STRICT, WITHOUT ROWID;
     -- Counted from now on: a count of another connection is no count of this one.
     INSERT INTO golfer_write VALUES ('${SINCE}', hex(randomblob(8)), 0)`,
  )
  const tables = db
    .prepare("SELECT name FROM main.sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
    .pluck()
    .all() as string[]
  for (const table of tables) {
    const columns = (db.pragma(`main.table_info("${table}")`) as { name: string }[]).map(({ name }) => name)
    const [, owner, session] = OWNER.find(([column]) => columns.includes(column)) ?? []
    const golferOf = (row: string) => (table === 'golfer' ? `${row}.id` : (owner?.(row) ?? 'NULL'))
    const sessionOf = (row: string) => (table === 'session' ? `${row}.id` : (session?.(row) ?? 'NULL'))
    const count = (row: string) =>
      `INSERT INTO golfer_write VALUES (coalesce(${golferOf(row)}, '${ANYBODY}'), coalesce(${sessionOf(row)}, '${NO_SESSION}'), 1)
         ON CONFLICT (golfer_id, session_id) DO UPDATE SET writes = writes + 1;`
    for (const [act, rows] of [
      ['INSERT', ['NEW']],
      ['UPDATE', ['OLD', 'NEW']],
      ['DELETE', ['OLD']],
    ] as const)
      db.exec(
        `CREATE TEMP TRIGGER "count_${act}_${table}" AFTER ${act} ON main."${table}" BEGIN ${rows.map(count).join(' ')} END`,
      )
  }
}

/** What this process wrote since it is counted, and a text that changes with every write of another one. */
export type Writes = { others: string; counts: [golferId: string, sessionId: string, writes: number][] }

const told = new WeakMap<Database, Writes>()

/** What was written, as another process may be told: it sees that something was, not whose. */
export function writesTo(db: Database): Writes {
  const known = told.get(db)
  if (known) return known
  watch(db)
  const counts = db.prepare('SELECT golfer_id, session_id, writes FROM temp.golfer_write ORDER BY 1, 2')
  return {
    others: String(db.pragma('data_version', { simple: true })),
    counts: counts.raw().all() as Writes['counts'],
  }
}

/** From now on this process goes by what the one that writes has told of. */
export const goByWrites = (db: Database, writes: Writes): void => void told.set(db, writes)

/**
 * A text that changes with every write to a golfer's data: by this process, or by another one to anybody's.
 * @param sessions only what these sessions depend on: their own data and those that are of no session
 * @param beforeMs without the sessions that began then or later
 */
export function golferMark(
  db: Database,
  golferId: GolferId,
  { sessions, beforeMs = Infinity }: { sessions?: readonly SessionId[] | null; beforeMs?: number } = {},
): string {
  const { ofNone, bySession } = marksOf(db, golferId)
  const later = new Set(
    beforeMs === Infinity
      ? []
      : db
          .prepare('SELECT id FROM session WHERE golfer_id = ? AND started_ms >= ?')
          .pluck()
          .all(golferId, beforeMs),
  )
  const wanted = (sessions ?? [...bySession.keys()]).filter((session) => !later.has(session))
  return `${ofNone} ${JSON.stringify(wanted.map((session) => [session, bySession.get(session) ?? 0]))}`
}

/** The same in parts: of what is of no session, and the writes to each session, where there were any. */
export function marksOf(
  db: Database,
  golferId: GolferId,
): { ofNone: string; bySession: ReadonlyMap<string, number> } {
  // What a transaction counts may be taken back with it.
  if (db.inTransaction) return { ofNone: `within ${markOf(db)}`, bySession: new Map() }
  const { others, counts } = writesTo(db)
  const bySession = new Map<string, number>()
  const ofNone: number[] = []
  let since = ''
  for (const [whose, session, writes] of counts)
    if (whose === SINCE) since = session
    else if (whose === golferId && session !== NO_SESSION) bySession.set(session, writes)
    else if (whose === golferId || whose === ANYBODY) ofNone.push(writes)
  return { ofNone: `${since} ${others} ${ofNone.join(' ')}`, bySession }
}
