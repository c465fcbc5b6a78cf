import { randomInt } from 'node:crypto'
import type { GolferId, SessionId } from '@/core/model/ids'
import { markOf, type Database } from './database'

/** In the place of an id: writes that may concern any golfer, and those that concern no session. */
const ANYBODY = '*'
const NO_SESSION = ''

const ofShot = (row: string, column: string) =>
  `(SELECT s.${column} FROM shot n JOIN session s ON s.id = n.session_id WHERE n.seq = ${row}.shot_seq)`

/** SQL for the golfer and the session of a row, by the first of these columns that its table has; `row` is NEW or OLD. */
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
 * Counts the writes of this connection by golfer and session, with a temporary table and temporary triggers: they exist for this
 * connection only, and not in the file. The table shows whether they exist, since the server has more than one copy of this module.
 */
function countWrites(db: Database): void {
  const isCounting = db.prepare("SELECT 1 FROM temp.sqlite_schema WHERE name = 'golfer_write'").get()
  if (isCounting) return
  db.exec(
    `CREATE TEMP TABLE golfer_write (golfer_id TEXT, session_id TEXT, writes INTEGER NOT NULL,
       PRIMARY KEY (golfer_id, session_id)) STRICT, WITHOUT ROWID`,
  )
  // Two connections count independently: their marks must differ.
  db.pragma(`temp.user_version = ${randomInt(2 ** 31)}`)
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

/** The writes of one connection by golfer and session, and a text that changes with every write of another connection. */
export type Writes = { connection: string; writes: [golferId: string, sessionId: string, writes: number][] }

const received = new WeakMap<Database, Writes>()

/** The writes of this connection, or those that were received from the process that writes. */
export function writesOf(db: Database): Writes {
  const known = received.get(db)
  if (known) return known
  countWrites(db)
  const all = db.prepare('SELECT golfer_id, session_id, writes FROM temp.golfer_write ORDER BY 1, 2')
  return {
    connection: `${String(db.pragma('temp.user_version', { simple: true }))} ${String(db.pragma('data_version', { simple: true }))}`,
    writes: all.raw().all() as Writes['writes'],
  }
}

/** Sets the writes of the process that writes. A process that only reads sees that the file changed, not which golfer's data. */
export const setWrites = (db: Database, writes: Writes): void => void received.set(db, writes)

/**
 * A text that changes with every write to a golfer's data, and with every write of another connection.
 * @param sessions only the data of these sessions, and the data of no session
 * @param beforeMs without the sessions that began at this time or later
 */
export function golferMark(
  db: Database,
  golferId: GolferId,
  { sessions, beforeMs = Infinity }: { sessions?: readonly SessionId[] | null; beforeMs?: number } = {},
): string {
  const { withoutSession, bySession } = writeMarks(db, golferId)
  const later = new Set(
    beforeMs === Infinity
      ? []
      : db
          .prepare('SELECT id FROM session WHERE golfer_id = ? AND started_ms >= ?')
          .pluck()
          .all(golferId, beforeMs),
  )
  const wanted = (sessions ?? [...bySession.keys()]).filter((session) => !later.has(session))
  return `${withoutSession} ${JSON.stringify(wanted.map((session) => [session, bySession.get(session) ?? 0]))}`
}

/** The parts of such a text: for the data of no session, and the number of writes to each session that was written to. */
export function writeMarks(
  db: Database,
  golferId: GolferId,
): { withoutSession: string; bySession: ReadonlyMap<string, number> } {
  // What a transaction counts may be taken back with it.
  if (db.inTransaction) return { withoutSession: `within ${markOf(db)}`, bySession: new Map() }
  const { connection, writes: all } = writesOf(db)
  const bySession = new Map<string, number>()
  const withoutSession: number[] = []
  for (const [owner, session, writes] of all)
    if (owner === golferId && session !== NO_SESSION) bySession.set(session, writes)
    else if (owner === golferId || owner === ANYBODY) withoutSession.push(writes)
  return { withoutSession: `${connection} ${withoutSession.join(' ')}`, bySession }
}
