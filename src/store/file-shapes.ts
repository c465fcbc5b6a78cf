import type { GolferId } from '@/core/model/ids'
import type { Database } from './database'

/** What the columns of files of one shape hold, as the golfer last set them. */
type KnownShape = { shape: string; columns: unknown }

export const fileShapes = (db: Database, golferId: GolferId): KnownShape[] =>
  (
    db
      .prepare('SELECT shape, columns FROM file_shape WHERE golfer_id = ? ORDER BY used_ms DESC')
      .all(golferId) as {
      shape: string
      columns: string
    }[]
  ).map(({ shape, columns }) => ({ shape, columns: JSON.parse(columns) as unknown }))

export function keepShape(
  db: Database,
  golferId: GolferId,
  { shape, columns }: KnownShape,
  nowMs: number,
): void {
  db.prepare(
    'INSERT OR REPLACE INTO file_shape (golfer_id, shape, columns, used_ms) VALUES (?, ?, ?, ?)',
  ).run(golferId, shape, JSON.stringify(columns), nowMs)
}
