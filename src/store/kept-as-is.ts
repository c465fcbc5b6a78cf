import { leftKey, type LeftAbout, type LeftOnPurpose } from '@/core/gaps/kept-as-is'
import type { GolferId } from '@/core/model/ids'
import type { Database } from './database'

/** The golfer wants something as it is, with the reason; without one that is taken back. What was said before is kept. */
export function leaveOnPurpose(
  db: Database,
  golferId: GolferId,
  about: LeftAbout,
  because: string | null,
  nowMs: number,
): void {
  db.prepare(
    'INSERT INTO left_on_purpose (golfer_id, about, because, set_ms) VALUES (@golferId, @about, @because, @nowMs)',
  ).run({ golferId, about: leftKey(about), because, nowMs })
}

/** What stands as kept as is. */
export const leftOnPurpose = (db: Database, golferId: GolferId): LeftOnPurpose[] =>
  (
    db
      .prepare(
        `SELECT about, because FROM left_on_purpose l
         WHERE golfer_id = ? AND because IS NOT NULL AND NOT EXISTS (
           SELECT 1 FROM left_on_purpose later
           WHERE later.golfer_id = l.golfer_id AND later.about = l.about AND later.seq > l.seq)
         ORDER BY seq`,
      )
      .all(golferId) as { about: string; because: string }[]
  ).map(({ about, because }) => ({ about: JSON.parse(about) as LeftAbout, because }))
