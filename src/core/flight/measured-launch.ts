import type { Flight } from '../shots/flight-fields'
import type { Launch } from './fly'

/** No club sends a ball faster, higher or with more spin. */
const MOST = { ballSpeedMps: 110, launchDeg: 80, spinRpm: 15000 }
const LEAST_SPEED_MPS = 2

/** The launch as a monitor measured it; null where a part is missing or no ball can have it. */
export function measuredLaunch({ ballSpeedMps, launchDeg, spinRpm }: Partial<Flight>): Launch | null {
  if (ballSpeedMps === undefined || launchDeg === undefined || spinRpm === undefined) return null
  const possible =
    ballSpeedMps > LEAST_SPEED_MPS &&
    ballSpeedMps <= MOST.ballSpeedMps &&
    launchDeg > 0 &&
    launchDeg <= MOST.launchDeg &&
    spinRpm > 0 &&
    spinRpm <= MOST.spinRpm
  return possible ? { ballSpeedMps, launchDeg, spinRpm } : null
}
