import type { Club } from '../bag/club'
import { REFERENCE_AIR, type Air } from '../flight/air'
import { BALL, fly, type Launch, type Place } from '../flight/fly'
import { runOn, type Turf } from '../flight/ground'
import { measuredLaunch } from '../flight/measured-launch'
import { launchFor, launchThatCarries } from '../flight/restate'
import { clubKnown } from '../flight/restate-shots'
import type { Swing } from '../shots/shot'
import type { Stock } from '../stock/station-stock'

/** How a station's usual shot flies. What `modelled` names was not measured. */
export type StationFlight = {
  carryM: number
  peakM: number
  landingDeg: number
  runM: number
  spinRpm: number
  /** From the ball to where it lands: along and up. */
  path: { alongM: number; upM: number }[]
  modelled: { launch: boolean; peak: boolean; landing: boolean; run: boolean }
}

/** By how much lower a shorter swing launches than the full one (rule of thumb). */
const LOWER_DEG: Record<Swing, number> = { 'three-quarter': 2, half: 4 }
const LOWER_OTHERWISE_DEG = 3
const RADIANS_PER_S = (2 * Math.PI) / 60

/**
 * The flight of a station's stock. Where its launch was measured it is that; else it has the spin parameter of
 * the club's full swing and a launch a little lower, and the speed that gives the carry. Measured peaks, landing
 * angles and totals go first.
 * @returns null where no flight carries so far
 */
export function stationFlight(
  stock: Stock,
  full: Stock | undefined,
  club: Pick<Club, 'kind' | 'loftDeg'>,
  turf: Turf,
  air: Air = REFERENCE_AIR,
): StationFlight | null {
  const { carryM, averages } = stock
  if (carryM === undefined) return null
  const measured = measuredLaunch(averages)
  const launch = measured ?? likeTheFull(carryM, stock.swing, full, club, air)
  const flight = launch && fly(launch, air, { path: true })
  if (!flight || flight.outcome !== 'landed' || flight.carryM <= 0) return null
  const { peakM = flight.peakM, landingDeg = flight.landingDeg, totalM } = averages
  // The model's own path, stretched to the carry and the peak that were measured.
  const [wide, high] = [carryM / flight.carryM, peakM / flight.peakM]
  const path = (flight.path ?? []).map(([x, y]: Place) => ({ alongM: x * wide, upM: y * high }))
  const measuredRunM = totalM === undefined ? null : totalM - carryM
  return {
    carryM,
    peakM,
    landingDeg,
    runM: runOn(turf, flight.landing, measuredRunM),
    spinRpm: launch.spinRpm,
    path,
    modelled: {
      launch: !measured,
      peak: averages.peakM === undefined,
      landing: averages.landingDeg === undefined,
      run: totalM === undefined,
    },
  }
}

/** A launch with the full swing's spin parameter, lower by what the swing takes, at the speed that gives the carry. */
function likeTheFull(
  carryM: number,
  swing: Swing,
  full: Stock | undefined,
  club: Pick<Club, 'kind' | 'loftDeg'>,
  air: Air,
): Launch | null {
  const whole =
    (full && measuredLaunch(full.averages)) ?? launchFor(full?.carryM ?? carryM, clubKnown(club), air)
  if (!whole) return null
  if (swing === 'full') return launchFor(carryM, clubKnown(club), air)
  const launchDeg = Math.max(2, whole.launchDeg - (LOWER_DEG[swing] ?? LOWER_OTHERWISE_DEG))
  const spinRatio = (BALL.radiusM * whole.spinRpm * RADIANS_PER_S) / whole.ballSpeedMps
  const at = (ballSpeedMps: number): Launch => ({
    ballSpeedMps,
    launchDeg,
    spinRpm: (spinRatio * ballSpeedMps) / (BALL.radiusM * RADIANS_PER_S),
  })
  return launchThatCarries(carryM, at, air)
}
