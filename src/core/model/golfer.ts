import { USUAL_COVER_CONFIDENCE, type CoverConfidence } from './cover-confidence'
import { REFERENCE_AIR } from './air'
import type { Turf } from './turf'
import { DEFAULT_TOLERANCE_M } from './coverage'
import type { OwnZones, Zones, GapRule } from './gap-rule'
import type { Segment } from './segment'
import type { GolferId } from './ids'
import type { Swing } from './station'
import type { StockSurface } from './surface'
import type { StockRule } from './stock-rule'
import type { LengthUnit, SpeedUnit, TempUnit } from '../units'

export type GolferSettings = {
  name: string
  hand: 'right' | 'left'
  lengthUnit: LengthUnit
  speedUnit: SpeedUnit
  /** The distances that cost this golfer shots, in metres. */
  goalZoneM: [number, number] | null
}
export type CoverPreferences = {
  /** A stock covers the numbers that lie this near to it. */
  toleranceM: number
  /** A stock whose newest shots are older than so many days says so. */
  ageLimitDays: number
}
/** Which rules the golfer follows. */
export type GolferRules = {
  stockRule: StockRule
  /** Null: what is usual for the bag. */
  gapRule: GapRule | null
  /** The golfer's own limits of a good gap; null before there are any. */
  ownZonesM: Record<Segment, Zones> | null
  /** Shots in wind and from bad lies count beside the others. */
  windCounts: boolean
  /** What stocks stand for where a station was hit off both; null: both. */
  stocksOff: StockSurface | null
}
/** What the golfer likes in the bay. */
export type BayPreferences = {
  tempUnit: TempUnit
  /** Asked what they expect before they hit a station. */
  askExpectation: boolean
  /** The station that is open follows the plan. */
  followPlan: boolean
  /** A plan that takes longer is split over days. */
  longestMin: number
  /** Altitude of the home course, to which a monitor may be set. */
  homeAltitudeM: number | null
}
/** In which air a golfer compares clubs. */
export type AirPreferences = {
  /** Without wind. */
  referenceAir: { tempC: number; pressureHpa: number; humidity: number }
  /** Tables show carries in the air of each shot, or all in the reference air. */
  compareIn: CompareIn
}
export const COMPARE_IN = ['as-hit', 'reference'] as const
export type CompareIn = (typeof COMPARE_IN)[number]
export const LEVELS = ['beginner', 'improver', 'single-figure'] as const
export type Level = (typeof LEVELS)[number]
export const BAG_WISHES = ['light', 'full'] as const
export type BagWish = (typeof BAG_WISHES)[number]
/** Who the golfer is and what for; null: not said. */
export type GolferAim = {
  level: Level | null
  /** What the driver carries, roughly, before any shot was measured. */
  driverM: number | null
  usualTurf: Turf | null
  bagWish: BagWish | null
  /** In the golfer's own words. */
  likes: string | null
  /** That they agreed to be kept here, in the coach's words. */
  consent: string | null
}
/** How sure a golfer wants to be of what a shot on the course must clear. */
export type CoursePreferences = { sureness: CoverConfidence }
export type Golfer = GolferSettings &
  GolferRules &
  BayPreferences &
  AirPreferences &
  CoverPreferences &
  GolferAim &
  CoursePreferences & {
    id: GolferId
    /** The swings that this golfer hits, the full one first. */
    swings: Swing[]
  }
/** What Banco takes for granted of a golfer who has said nothing yet. */
export const NEW_GOLFER: GolferRules &
  BayPreferences &
  AirPreferences &
  CoverPreferences &
  GolferAim &
  CoursePreferences = {
  stockRule: 'mean-solid',
  gapRule: null,
  ownZonesM: null,
  windCounts: false,
  stocksOff: null,
  tempUnit: 'C',
  askExpectation: true,
  followPlan: true,
  longestMin: 75,
  homeAltitudeM: null,
  referenceAir: {
    tempC: REFERENCE_AIR.tempC,
    pressureHpa: REFERENCE_AIR.pressureHpa,
    humidity: REFERENCE_AIR.humidity,
  },
  compareIn: 'as-hit',
  toleranceM: DEFAULT_TOLERANCE_M,
  ageLimitDays: 180,
  level: null,
  driverM: null,
  usualTurf: null,
  bagWish: null,
  likes: null,
  consent: null,
  sureness: USUAL_COVER_CONFIDENCE,
}

export type Units = Pick<GolferSettings, 'lengthUnit' | 'speedUnit'>

/** What a golfer's choice of rule is to the calculations: own limits only where they are chosen. */
export const gapRules = ({ gapRule, ownZonesM }: GolferRules): { gapRule?: GapRule; zonesM?: OwnZones } => ({
  ...(gapRule && { gapRule }),
  ...(gapRule === 'own' && ownZonesM && { zonesM: ownZonesM }),
})
