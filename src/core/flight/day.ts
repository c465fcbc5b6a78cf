import { pressureAt, type Air } from './air'
import type { Turf } from './ground'

/** The air and the ground of a day on a course. Winds are seen from the ball to the target. */
export type Day = {
  /** The name of a place that the golfer keeps; null where none was chosen. */
  place: string | null
  tempC: number
  altitudeM: number
  seaLevelHpa: number
  /** 0 to 1. */
  humidity: number
  tailwindMps: number
  crosswindMps: number
  turf: Turf
}
/** A place that a golfer plays at. */
export type CoursePlace = { name: string; altitudeM: number; turf: Turf }

export const airOfDay = ({ altitudeM, seaLevelHpa, tempC, humidity, tailwindMps, crosswindMps }: Day): Air => ({
  tempC,
  pressureHpa: pressureAt(altitudeM, seaLevelHpa),
  humidity,
  tailwindMps,
  crosswindMps,
})
