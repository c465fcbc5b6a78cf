import type { GolferId } from '@/core/model/ids'
import { type Station, SWINGS, type Swing } from '@/core/model/station'
import { nextVersion, swingsInUse, type SwingDefinition } from '@/core/wedges/swing-definition'
import type { Database } from './database'

/** The swings that a golfer has defined, the old ones with them. */
export const swingDefinitions = (db: Database, golferId: GolferId): SwingDefinition[] =>
  db
    .prepare(
      `SELECT swing, clock, length_share AS lengthShare, grip_down_cm AS gripDownCm, tempo, from_ms AS fromMs,
         until_ms AS untilMs
       FROM swing_definition WHERE golfer_id = ? ORDER BY from_ms, rowid`,
    )
    .all(golferId) as SwingDefinition[]

export const swingsOf = (db: Database, golferId: GolferId): Swing[] =>
  swingsInUse(swingDefinitions(db, golferId))

type SwingInput = Pick<SwingDefinition, 'clock' | 'lengthShare' | 'gripDownCm' | 'tempo'>

/**
 * Says how a swing is made. One that has shots already, and was made otherwise, keeps them: the new definition
 * gets a name of its own and takes its place.
 * @returns the name under which it is hit from now on
 */
export function defineSwing(
  db: Database,
  golferId: GolferId,
  swing: Swing,
  fields: SwingInput,
  nowMs: number,
): Swing {
  return db
    .transaction(() => {
      const all = swingDefinitions(db, golferId)
      const before = all.find((each) => each.swing === swing)
      const hit = db
        .prepare(
          `SELECT 1 FROM shot_now n JOIN session s ON s.id = n.session_id
         WHERE s.golfer_id = ? AND n.swing = ? AND n.present LIMIT 1`,
        )
        .get(golferId, swing)
      // What nobody had said before is no change: it describes the shots that are there.
      const changed = before !== undefined && hit !== undefined && !isSameSwing(before, fields)
      const name = changed ? nextVersion(swing, [...SWINGS, ...all.map((each) => each.swing)]) : swing
      if (changed)
        db.prepare('UPDATE swing_definition SET until_ms = ? WHERE golfer_id = ? AND swing = ?').run(
          nowMs,
          golferId,
          swing,
        )
      db.prepare(
        `INSERT INTO swing_definition (golfer_id, swing, clock, length_share, grip_down_cm, tempo, from_ms)
       VALUES (@golferId, @name, @clock, @lengthShare, @gripDownCm, @tempo, @nowMs)
       ON CONFLICT (golfer_id, swing) DO UPDATE SET clock = @clock, length_share = @lengthShare,
         grip_down_cm = @gripDownCm, tempo = @tempo`,
      ).run({ ...fields, golferId, name, nowMs })
      return name
    })
    .immediate()
}

const isSameSwing = (a: SwingInput, b: SwingInput): boolean =>
  a.clock === b.clock &&
  a.lengthShare === b.lengthShare &&
  a.gripDownCm === b.gripDownCm &&
  a.tempo === b.tempo

/** Stations that the golfer wants in the next plan. */
export const wantedStations = (db: Database, golferId: GolferId): Station[] =>
  db
    .prepare('SELECT club_id AS clubId, swing FROM wanted_station WHERE golfer_id = ? ORDER BY rowid')
    .all(golferId) as Station[]

export function wantStations(db: Database, golferId: GolferId, stations: readonly Station[]): void {
  const add = db.prepare('INSERT OR IGNORE INTO wanted_station (golfer_id, club_id, swing) VALUES (?, ?, ?)')
  db.transaction(() => stations.forEach(({ clubId, swing }) => add.run(golferId, clubId, swing))).immediate()
}

export function dropWanted(db: Database, golferId: GolferId, { clubId, swing }: Station): void {
  db.prepare('DELETE FROM wanted_station WHERE golfer_id = ? AND club_id = ? AND swing = ?').run(
    golferId,
    clubId,
    swing,
  )
}
