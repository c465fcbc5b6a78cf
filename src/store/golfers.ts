import type { GolferId } from '@/core/ids'
import { SEGMENTS, type Segment } from '@/core/bag/segment'
import type { StepSchool, Zones } from '@/core/gaps/zones'
import type {
  AirLikes,
  BayLikes,
  CompareIn,
  CoverLikes,
  Golfer,
  GolferSchools,
  GolferSettings,
} from '@/core/golfer'
import type { StockRule } from '@/core/stock/stock-rules'
import type { LengthUnit, SpeedUnit, TempUnit } from '@/core/units'
import type { Database } from './database'
import { swingsOf } from './swings'

type Row = {
  id: GolferId
  name: string
  hand: 'right' | 'left'
  length_unit: LengthUnit
  speed_unit: SpeedUnit
  goal_low_m: number | null
  goal_high_m: number | null
  stock_rule: StockRule
  even_school: StepSchool | null
  follow_plan: 0 | 1
  wind_counts: 0 | 1
  temp_unit: TempUnit
  ask_expectation: 0 | 1
  longest_min: number
  home_altitude_m: number | null
  reference_temp_c: number
  reference_pressure_hpa: number
  reference_humidity: number
  compare_in: CompareIn
  tolerance_m: number
}

const golfer = (db: Database, row: Row): Golfer => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.length_unit,
  speedUnit: row.speed_unit,
  goalZoneM: row.goal_low_m === null || row.goal_high_m === null ? null : [row.goal_low_m, row.goal_high_m],
  stockRule: row.stock_rule,
  stepSchool: row.even_school,
  followPlan: row.follow_plan === 1,
  ownZonesM: ownZones(db, row.id),
  tempUnit: row.temp_unit,
  windCounts: row.wind_counts === 1,
  askExpectation: row.ask_expectation === 1,
  longestMin: row.longest_min,
  homeAltitudeM: row.home_altitude_m,
  referenceAir: {
    tempC: row.reference_temp_c,
    pressureHpa: row.reference_pressure_hpa,
    humidity: row.reference_humidity,
  },
  compareIn: row.compare_in,
  toleranceM: row.tolerance_m,
  swings: swingsOf(db, row.id),
})

export const allGolfers = (db: Database): Golfer[] =>
  (db.prepare('SELECT * FROM golfer ORDER BY created_ms, id').all() as Row[]).map((row) => golfer(db, row))

export function golferById(db: Database, id: GolferId): Golfer | null {
  const row = db.prepare('SELECT * FROM golfer WHERE id = ?').get(id) as Row | undefined
  return row ? golfer(db, row) : null
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
export function changeGolfer(
  db: Database,
  golfer: Golfer,
  change: Partial<GolferSettings & BayLikes & AirLikes & CoverLikes>,
) {
  const settings = { ...golfer, ...change }
  if (nameTaken(db, golfer.id, settings.name)) return 'name-taken' as const
  db.prepare(
    `UPDATE golfer SET name = @name, hand = @hand, length_unit = @lengthUnit, speed_unit = @speedUnit,
       goal_low_m = @low, goal_high_m = @high, ask_expectation = @ask, follow_plan = @followPlan, longest_min = @longestMin,
       home_altitude_m = @homeAltitudeM, temp_unit = @tempUnit, reference_temp_c = @tempC,
       reference_pressure_hpa = @pressureHpa, reference_humidity = @humidity, compare_in = @compareIn, tolerance_m = @toleranceM
     WHERE id = @id`,
  ).run({
    ...columns(settings),
    id: golfer.id,
    ask: Number(settings.askExpectation),
    followPlan: Number(settings.followPlan),
    longestMin: settings.longestMin,
    homeAltitudeM: settings.homeAltitudeM,
    tempUnit: settings.tempUnit,
    ...settings.referenceAir,
    compareIn: settings.compareIn,
    toleranceM: settings.toleranceM,
  })
  return 'changed' as const
}

/** Changes which schools a golfer follows, those that are given. */
export function changeSchools(db: Database, { id }: Golfer, change: Partial<GolferSchools>): void {
  db.transaction(() => {
    if (change.stockRule !== undefined)
      db.prepare('UPDATE golfer SET stock_rule = ? WHERE id = ?').run(change.stockRule, id)
    if (change.stepSchool !== undefined)
      db.prepare('UPDATE golfer SET even_school = ? WHERE id = ?').run(change.stepSchool, id)
    if (change.windCounts !== undefined)
      db.prepare('UPDATE golfer SET wind_counts = ? WHERE id = ?').run(Number(change.windCounts), id)
    const own = change.ownZonesM
    if (own === undefined) return
    db.prepare('DELETE FROM golfer_zone WHERE golfer_id = ?').run(id)
    const add = db.prepare(
      'INSERT INTO golfer_zone (golfer_id, segment, narrow_m, wide_m) VALUES (?, ?, ?, ?)',
    )
    for (const segment of SEGMENTS) if (own) add.run(id, segment, own[segment].narrow, own[segment].wide)
  })()
}

function ownZones(db: Database, id: GolferId): Golfer['ownZonesM'] {
  const rows = db
    .prepare('SELECT segment, narrow_m AS narrow, wide_m AS wide FROM golfer_zone WHERE golfer_id = ?')
    .all(id) as ({ segment: Segment } & Omit<Zones, 'reversed'>)[]
  if (rows.length === 0) return null
  const zones = rows.map(({ segment, narrow, wide }) => [segment, { reversed: 0, narrow, wide }])
  return Object.fromEntries(zones) as Record<Segment, Zones>
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
