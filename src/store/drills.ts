import type { GolferId } from '@/core/model/ids'
import type { DrillShot } from '@/core/wedges/drill'
import type { Database } from './database'

/** Keeps a shot of a drill; one that is sent again counts once. */
export function addDrillShot(db: Database, golferId: GolferId, shot: DrillShot): void {
  db.prepare(
    `INSERT INTO drill_shot (golfer_id, drill, at_ms, called_m, club_id, swing, finish_m)
     SELECT @golferId, @drill, @atMs, @calledM, @clubId, @swing, @finishM
     WHERE NOT EXISTS (SELECT 1 FROM drill_shot WHERE golfer_id = @golferId AND drill = @drill AND at_ms = @atMs)`,
  ).run({ ...shot, golferId })
}

/** Takes back the last shot of a drill. */
export function undoDrillShot(db: Database, golferId: GolferId, drill: string): void {
  db.prepare(
    'DELETE FROM drill_shot WHERE seq = (SELECT max(seq) FROM drill_shot WHERE golfer_id = ? AND drill = ?)',
  ).run(golferId, drill)
}

export const drillShots = (db: Database, golferId: GolferId): DrillShot[] =>
  db
    .prepare(
      `SELECT drill, at_ms AS atMs, called_m AS calledM, club_id AS clubId, swing, finish_m AS finishM
       FROM drill_shot WHERE golfer_id = ? ORDER BY seq`,
    )
    .all(golferId) as DrillShot[]
