import type { Venue, Day } from '@/core/session/day'
import type { GolferId } from '@/core/model/ids'
import type { Database } from './database'

/** Sets the day that the golfer's card stands for. */
export function setDay(db: Database, golferId: GolferId, day: Day, nowMs: number): void {
  db.prepare(
    `INSERT OR REPLACE INTO course_day (golfer_id, place, set_ms, temp_c, altitude_m, sea_level_hpa, humidity,
       tailwind_mps, crosswind_mps, turf)
     VALUES (@golferId, @place, @nowMs, @tempC, @altitudeM, @seaLevelHpa, @humidity, @tailwindMps, @crosswindMps, @turf)`,
  ).run({ ...day, golferId, nowMs })
}

/** The day as last set, and when; null before. */
export function dayOf(db: Database, golferId: GolferId): { day: Day; setMs: number } | null {
  const row = db
    .prepare(
      `SELECT place, set_ms AS setMs, temp_c AS tempC, altitude_m AS altitudeM, sea_level_hpa AS seaLevelHpa, humidity,
         tailwind_mps AS tailwindMps, crosswind_mps AS crosswindMps, turf
       FROM course_day WHERE golfer_id = ?`,
    )
    .get(golferId) as (Day & { setMs: number }) | undefined
  if (!row) return null
  const { setMs, ...day } = row
  return { day, setMs }
}

/** Keeps a place, in place of one of the same name. */
export function saveVenue(db: Database, golferId: GolferId, venue: Venue): void {
  db.prepare(
    `INSERT OR REPLACE INTO course_place (golfer_id, name, altitude_m, turf) VALUES (@golferId, @name, @altitudeM, @turf)`,
  ).run({ ...venue, golferId })
}

export function removeVenue(db: Database, golferId: GolferId, name: string): void {
  db.prepare('DELETE FROM course_place WHERE golfer_id = ? AND name = ?').run(golferId, name)
}

export const venuesOf = (db: Database, golferId: GolferId): Venue[] =>
  db
    .prepare('SELECT name, altitude_m AS altitudeM, turf FROM course_place WHERE golfer_id = ? ORDER BY name')
    .all(golferId) as Venue[]
