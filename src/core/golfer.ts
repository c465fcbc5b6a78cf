import type { Zones, StepSchool } from './gaps/zones'
import type { Segment } from './bag/segment'
import type { GolferId } from './ids'
import type { StockRule } from './stock/stock-rules'
import type { LengthUnit, SpeedUnit } from './units'

export type GolferSettings = {
  name: string
  hand: 'right' | 'left'
  lengthUnit: LengthUnit
  speedUnit: SpeedUnit
  /** The distances that cost this golfer shots, in metres. */
  goalZoneM: [number, number] | null
}
/** Which schools the golfer follows. */
export type GolferSchools = {
  stockRule: StockRule
  stepSchool: StepSchool
  /** The golfer's own limits of an even step; null before there are any. */
  ownZonesM: Record<Segment, Zones> | null
}
export type Golfer = GolferSettings & GolferSchools & { id: GolferId }
export type Units = Pick<GolferSettings, 'lengthUnit' | 'speedUnit'>
