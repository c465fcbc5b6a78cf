import { USUAL_COVER_CONFIDENCE, type CoverConfidence } from '@/core/model/cover-confidence'
import type { Turf } from '@/core/model/turf'
import type { GolferId } from '@/core/model/ids'
import { SEGMENTS, type Segment } from '@/core/model/segment'
import type { GapRule, Zones } from '@/core/model/gap-rule'
import {
  NEW_GOLFER,
  type AirPreferences,
  type BagWish,
  type BayPreferences,
  type CompareIn,
  type CoursePreferences,
  type CoverPreferences,
  type Golfer,
  type GolferAim,
  type GolferRules,
  type GolferSettings,
  type Level,
} from '@/core/model/golfer'
import type { StockRule } from '@/core/model/stock-rule'
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
  even_school: GapRule | null
  follow_plan: 0 | 1
  wind_counts: 0 | 1
  stocks_off: Golfer['stocksOff']
  temp_unit: TempUnit
  ask_expectation: 0 | 1
  longest_min: number
  home_altitude_m: number | null
  reference_temp_c: number
  reference_pressure_hpa: number
  reference_humidity: number
  compare_in: CompareIn
  tolerance_m: number
  age_limit_days: number | null
  level: Level | null
  driver_m: number | null
  usual_turf: Turf | null
  bag_wish: BagWish | null
  likes: string | null
  consent: string | null
  sureness: string | null
}

type Settings = Omit<Golfer, 'id' | 'swings'>

const golfer = (db: Database, row: Row): Golfer => ({
  id: row.id,
  name: row.name,
  hand: row.hand,
  lengthUnit: row.length_unit,
  speedUnit: row.speed_unit,
  goalZoneM: row.goal_low_m === null || row.goal_high_m === null ? null : [row.goal_low_m, row.goal_high_m],
  stockRule: row.stock_rule,
  gapRule: row.even_school,
  followPlan: row.follow_plan === 1,
  ownZonesM: ownZones(db, row.id),
  tempUnit: row.temp_unit,
  windCounts: row.wind_counts === 1,
  stocksOff: row.stocks_off,
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
  ageLimitDays: row.age_limit_days ?? NEW_GOLFER.ageLimitDays,
  level: row.level,
  driverM: row.driver_m,
  usualTurf: row.usual_turf,
  bagWish: row.bag_wish,
  likes: row.likes,
  consent: row.consent,
  sureness: {
    ...USUAL_COVER_CONFIDENCE,
    ...(row.sureness && (JSON.parse(row.sureness) as Partial<CoverConfidence>)),
  },
  swings: swingsOf(db, row.id),
})

export const allGolfers = (db: Database): Golfer[] =>
  (db.prepare('SELECT * FROM golfer ORDER BY created_ms, id').all() as Row[]).map((row) => golfer(db, row))

export function golferById(db: Database, id: GolferId): Golfer | null {
  const row = db.prepare('SELECT * FROM golfer WHERE id = ?').get(id) as Row | undefined
  return row ? golfer(db, row) : null
}

/** Adds a golfer; 'name-taken' when another has that name. */
export function addGolfer(
  db: Database,
  id: GolferId,
  settings: GolferSettings & Partial<GolferAim>,
  nowMs: number,
) {
  if (nameTaken(db, id, settings.name)) return 'name-taken' as const
  const row = { ...rowOf({ ...NEW_GOLFER, ...settings }), id, created_ms: nowMs }
  const columns = Object.keys(row)
  db.prepare(
    `INSERT INTO golfer (${columns.join(', ')}) VALUES (${columns.map((column) => `@${column}`).join(', ')})`,
  ).run(row)
  return 'added' as const
}

type GolferChange = Partial<
  GolferSettings & BayPreferences & AirPreferences & CoverPreferences & GolferAim & CoursePreferences
>

/** Changes a golfer's settings, those that are given; 'name-taken' when another has that name. */
export function changeGolfer(db: Database, golfer: Golfer, change: GolferChange) {
  if (change.name !== undefined && nameTaken(db, golfer.id, change.name)) return 'name-taken' as const
  update(db, golfer, change)
  return 'changed' as const
}

/** Changes which rules a golfer follows, those that are given. */
export function changeRules(db: Database, golfer: Golfer, change: Partial<GolferRules>): void {
  db.transaction(() => {
    update(db, golfer, change)
    const own = change.ownZonesM
    if (own === undefined) return
    db.prepare('DELETE FROM golfer_zone WHERE golfer_id = ?').run(golfer.id)
    const add = db.prepare(
      'INSERT INTO golfer_zone (golfer_id, segment, narrow_m, wide_m) VALUES (?, ?, ?, ?)',
    )
    for (const segment of SEGMENTS)
      if (own) add.run(golfer.id, segment, own[segment].tooClose, own[segment].tooWide)
  }).immediate()
}

function ownZones(db: Database, id: GolferId): Golfer['ownZonesM'] {
  const rows = db
    .prepare('SELECT segment, narrow_m AS tooClose, wide_m AS tooWide FROM golfer_zone WHERE golfer_id = ?')
    .all(id) as ({ segment: Segment } & Omit<Zones, 'reversed'>)[]
  if (rows.length === 0) return null
  const zones = rows.map(({ segment, tooClose, tooWide }) => [segment, { reversed: 0, tooClose, tooWide }])
  return Object.fromEntries(zones) as Record<Segment, Zones>
}

const nameTaken = (db: Database, id: GolferId, name: string): boolean =>
  db.prepare('SELECT 1 FROM golfer WHERE name = ? AND id <> ?').get(name, id) !== undefined

/** A golfer as a row of the table, without its own key. */
const rowOf = (golfer: Settings): Omit<Row, 'id'> => ({
  name: golfer.name,
  hand: golfer.hand,
  length_unit: golfer.lengthUnit,
  speed_unit: golfer.speedUnit,
  goal_low_m: golfer.goalZoneM?.[0] ?? null,
  goal_high_m: golfer.goalZoneM?.[1] ?? null,
  stock_rule: golfer.stockRule,
  even_school: golfer.gapRule,
  follow_plan: bit(golfer.followPlan),
  wind_counts: bit(golfer.windCounts),
  stocks_off: golfer.stocksOff,
  temp_unit: golfer.tempUnit,
  ask_expectation: bit(golfer.askExpectation),
  longest_min: golfer.longestMin,
  home_altitude_m: golfer.homeAltitudeM,
  reference_temp_c: golfer.referenceAir.tempC,
  reference_pressure_hpa: golfer.referenceAir.pressureHpa,
  reference_humidity: golfer.referenceAir.humidity,
  compare_in: golfer.compareIn,
  tolerance_m: golfer.toleranceM,
  age_limit_days: golfer.ageLimitDays,
  level: golfer.level,
  driver_m: golfer.driverM,
  usual_turf: golfer.usualTurf,
  bag_wish: golfer.bagWish,
  likes: golfer.likes,
  consent: golfer.consent,
  sureness: JSON.stringify(golfer.sureness),
})

const bit = (yes: boolean): 0 | 1 => (yes ? 1 : 0)

/** What is not changed stays as it is now, whatever another page has done since the golfer was read. */
function update(db: Database, golfer: Golfer, change: Partial<Settings>): void {
  const row = rowOf({ ...(golferById(db, golfer.id) ?? golfer), ...change })
  const columns = Object.keys(row).map((column) => `${column} = @${column}`)
  db.prepare(`UPDATE golfer SET ${columns.join(', ')} WHERE id = @id`).run({ ...row, id: golfer.id })
}
