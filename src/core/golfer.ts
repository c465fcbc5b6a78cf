import type { GolferId } from './ids'
import type { LengthUnit, SpeedUnit } from './units'

export type GolferSettings = {
  name: string
  hand: 'right' | 'left'
  lengthUnit: LengthUnit
  speedUnit: SpeedUnit
  /** The distances that cost this golfer shots, in metres. */
  goalZoneM: [number, number] | null
}
export type Golfer = GolferSettings & { id: GolferId }
export type Units = Pick<GolferSettings, 'lengthUnit' | 'speedUnit'>
