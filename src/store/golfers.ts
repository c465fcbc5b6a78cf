import type { GolferId } from '@/core/ids'
import type { Golfer, GolferSettings } from '@/core/golfer'
import type { LengthUnit, SpeedUnit } from '@/core/units'
import type { Database } from './database'

type Row = {
  id: GolferId
  name: string
  hand: 'right' | 'left'
  length_unit: LengthUnit
  speed_unit: SpeedUnit
  goal_low_m: number | null
  goal_high_m: number | null
}

const golfer = (row: Row): Golfer => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.length_unit,
  speedUnit: row.speed_unit,
  goalZoneM: row.goal_low_m === null || row.goal_high_m === null ? null : [row.goal_low_m, row.goal_high_m],
})

export const allGolfers = (db: Database): Golfer[] =>
  (db.prepare('SELECT * FROM golfer ORDER BY created_ms, id').all() as Row[]).map(golfer)

export function golferById(db: Database, id: GolferId): Golfer | null {
  const row = db.prepare('SELECT * FROM golfer WHERE id = ?').get(id) as Row | undefined
  return row ? golfer(row) : null
}

/** Adds a golfer; 'name-taken' when another has that name. */
export function addGolfer(db: Database, id: GolferId, settings: GolferSettings, nowMs: number) {
  if (nameTaken(db, id, settings.name)) return 'name-taken' as const
  db.prepare(
    `INSERT INTO golfer (id, name, hand, length_unit, speed_unit, goal_low_m, goal_high_m, created_ms)
     VALUES (@id, @name, @hand, @lengthUnit, @speedUnit, @low, @high, @nowMs)`,
  ).run({ ...columns(settings), id, nowMs })
  return 'added' as const
}

/** Changes a golfer's settings, those that are given; 'name-taken' when another has that name. */
export function changeGolfer(db: Database, golfer: Golfer, change: Partial<GolferSettings>) {
  const settings = { ...golfer, ...change }
  if (nameTaken(db, golfer.id, settings.name)) return 'name-taken' as const
  db.prepare(
    `UPDATE golfer SET name = @name, hand = @hand, length_unit = @lengthUnit, speed_unit = @speedUnit,
       goal_low_m = @low, goal_high_m = @high WHERE id = @id`,
  ).run({ ...columns(settings), id: golfer.id })
  return 'changed' as const
}

const nameTaken = (db: Database, id: GolferId, name: string): boolean =>
  db.prepare('SELECT 1 FROM golfer WHERE name = ? AND id <> ?').get(name, id) !== undefined

const columns = ({ name, hand, lengthUnit, speedUnit, goalZoneM }: GolferSettings) => ({
  name,
  hand,
  lengthUnit,
  speedUnit,
  low: goalZoneM?.[0] ?? null,
  high: goalZoneM?.[1] ?? null,
})
