import type { GolferId } from '@/core/ids'
import { markOf, type Database } from './database'

/** Writes that may be of any golfer. */
const ANYBODY = '*'

/** Whose a row is, by the first of these columns that its table has; `row` is NEW or OLD. */
const OWNER: [column: string, ownerOf: (row: string) => string][] = [
  ['golfer_id', (row) => `${row}.golfer_id`],
  ['session_id', (row) => `(SELECT golfer_id FROM session WHERE id = ${row}.session_id)`],
  [
    'shot_seq',
    (row) =>
      `(SELECT s.golfer_id FROM shot n JOIN session s ON s.id = n.session_id WHERE n.seq = ${row}.shot_seq)`,
  ],
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
  db.exec('CREATE TEMP TABLE golfer_write (golfer_id TEXT PRIMARY KEY, writes INTEGER NOT NULL) STRICT')
  const tables = db
    .prepare("SELECT name FROM main.sqlite_schema WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
    .pluck()
    .all() as string[]
  for (const table of tables) {
    const columns = (db.pragma(`main.table_info("${table}")`) as { name: string }[]).map(({ name }) => name)
    const owner =
      table === 'golfer'
        ? (row: string) => `${row}.id`
        : OWNER.find(([column]) => columns.includes(column))?.[1]
    const count = (row: string) =>
      `INSERT INTO golfer_write VALUES (${owner ? `coalesce(${owner(row)}, '${ANYBODY}')` : `'${ANYBODY}'`}, 1)
         ON CONFLICT (golfer_id) DO UPDATE SET writes = writes + 1;`
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

/** A text that changes with every write to a golfer's data: by this process, or by another one to anybody's. */
export function golferMark(db: Database, golferId: GolferId): string {
  // What a transaction counts may be taken back with it.
  if (db.inTransaction) return `within ${markOf(db)}`
  watch(db)
  const writes = db
    .prepare('SELECT golfer_id, writes FROM temp.golfer_write WHERE golfer_id IN (?, ?) ORDER BY golfer_id')
    .raw()
    .all(golferId, ANYBODY)
  return `${db.pragma('data_version', { simple: true })} ${JSON.stringify(writes)}`
}
