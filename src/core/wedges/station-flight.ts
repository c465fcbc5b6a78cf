import type { Club } from '../bag/club'
import { fly, type Vector } from '../flight/fly'
import type { Turf } from '../model/turf'
import { measuredLaunch } from '../flight/measured-launch'
import { airOfStock, stationLaunch, stationRun, type RunFrom } from '../stock/station-run'
import type { Stock } from '../stock/stock'

/** How a station's usual shot flies. What `modelled` names was not measured. */
export type StationFlight = {
  carryM: number
  peakM: number
  landingDeg: number
  runM: number
  runFrom: RunFrom
  /** Half of the run's 90% interval. */
  runUnsureM: number
  spinRpm: number
  /** From the ball to where it lands: along and up. */
  path: { alongM: number; upM: number }[]
  modelled: { launch: boolean; peak: boolean; landing: boolean }
}

/**
 * The flight of a station's stock, in the air where the stock stands. Measured peaks, landing angles and runs go first.
 * @returns null where no flight carries so far
 */
export function stationFlight(
  stock: Stock,
  full: Stock | undefined,
  club: Pick<Club, 'kind' | 'loftDeg'>,
  turf: Turf,
): StationFlight | null {
  const { carryM, averages } = stock
  if (carryM === undefined) return null
  const launch = stationLaunch(stock, full, club)
  const flight = launch && fly(launch, airOfStock(stock), { path: true })
  if (!flight || flight.outcome !== 'landed' || flight.carryM <= 0) return null
  const { peakM = flight.peakM, landingDeg = flight.landingDeg } = averages
  // The model's own path, stretched to the carry and the peak that were measured.
  const [wide, high] = [carryM / flight.carryM, peakM / flight.peakM]
  const path = (flight.path ?? []).map(([x, y]: Vector) => ({ alongM: x * wide, upM: y * high }))
  const { runM, from: runFrom, unsureM: runUnsureM } = stationRun(stock, flight.landing, turf)
  return {
    carryM,
    peakM,
    landingDeg,
    runM,
    runFrom,
    runUnsureM,
    spinRpm: launch.spinRpm,
    path,
    modelled: {
      launch: !measuredLaunch(averages),
      peak: averages.peakM === undefined,
      landing: averages.landingDeg === undefined,
    },
  }
}
