import type { Flight } from '../shots/shot'
import type { Air } from './air'
import { fly } from './fly'
import { runOf, type Turf } from './ground'
import { measuredLaunch } from './measured-launch'

/** What the model says of a flight whose launch was measured and whose rest was not. Never as good as a measurement: ±10% of peak, ±3° of landing, ±35% of run. */
export type Modelled = { peakM?: number; landingDeg?: number; runM?: number; totalM?: number }

/** Shares of the model's own numbers that an error may reach. */
export const RUN_ERROR = 0.35

/**
 * Fills what was not measured of a stock from its mean launch. Empty where the launch was not measured, or nothing lacks.
 * @param measured means of what the solid shots measured; its carry is the stock
 */
export function modelled(measured: Partial<Flight>, air: Air, turf: Turf): Modelled {
  const { carryM, totalM, peakM, landingDeg } = measured
  const launch = measuredLaunch(measured)
  if (!launch || (totalM !== undefined && peakM !== undefined && landingDeg !== undefined)) return {}
  const flight = fly(launch, air)
  if (flight.outcome !== 'landed') return {}
  const runM = runOf(flight.landing, turf)
  return {
    ...(peakM === undefined && { peakM: flight.peakM }),
    ...(landingDeg === undefined && { landingDeg: flight.landingDeg }),
    ...(totalM === undefined && { runM, ...(carryM != null && { totalM: carryM + runM }) }),
  }
}
