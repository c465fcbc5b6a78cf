import type { GolferId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import type { Database } from './database'

/** Fixes that were tried on paper, under the golfer's name for them. */
export type TriedRefit = { name: string; fixes: Fix[]; keptMs: number }

/** Keeps a set of fixes under a name; one that is there already takes the new fixes. */
export function keepTried(
  db: Database,
  golferId: GolferId,
  { name, fixes }: Omit<TriedRefit, 'keptMs'>,
  nowMs: number,
): void {
  db.prepare(
    `INSERT INTO tried_refit (golfer_id, name, fixes, kept_ms) VALUES (@golferId, @name, @fixes, @nowMs)
     ON CONFLICT (golfer_id, name) DO UPDATE SET fixes = excluded.fixes, kept_ms = excluded.kept_ms`,
  ).run({ golferId, name, fixes: JSON.stringify(fixes), nowMs })
}

/** Throws one away. False where there is none of this name. */
export const forgetTried = (db: Database, golferId: GolferId, name: string): boolean =>
  db.prepare('DELETE FROM tried_refit WHERE golfer_id = ? AND name = ?').run(golferId, name).changes > 0

/** All that a golfer kept, newest first. */
export const triedOf = (db: Database, golferId: GolferId): TriedRefit[] =>
  (
    db
      .prepare(
        'SELECT name, fixes, kept_ms AS keptMs FROM tried_refit WHERE golfer_id = ? ORDER BY kept_ms DESC, name',
      )
      .all(golferId) as { name: string; fixes: string; keptMs: number }[]
  ).map(({ fixes, ...rest }) => ({ ...rest, fixes: JSON.parse(fixes) as Fix[] }))
