import { pressureAt } from '../flight/air'
import { REFERENCE_AIR, type Air } from '../model/air'
import type { Turf } from '../model/turf'
import type { SetUp } from './set-up'

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
export type Venue = { name: string; altitudeM: number; turf: Turf }

export const airOfDay = ({
  altitudeM,
  seaLevelHpa,
  tempC,
  humidity,
  tailwindMps,
  crosswindMps,
}: Day): Air => ({
  tempC,
  pressureHpa: pressureAt(altitudeM, seaLevelHpa),
  humidity,
  tailwindMps,
  crosswindMps,
})

/** The day to begin with: the air of the last session where it was said, at the altitude of the home course, on the ground that the golfer usually plays on. */
export const usualDay = (
  { homeAltitudeM, usualTurf }: { homeAltitudeM: number | null; usualTurf: Turf | null },
  last: SetUp | null,
): Day => ({
  place: null,
  tempC: last?.air.tempC ?? REFERENCE_AIR.tempC,
  altitudeM: homeAltitudeM ?? last?.altitudeM ?? 0,
  seaLevelHpa: REFERENCE_AIR.pressureHpa,
  humidity: last?.air.humidity ?? REFERENCE_AIR.humidity,
  tailwindMps: 0,
  crosswindMps: 0,
  turf: usualTurf ?? 'normal',
})
