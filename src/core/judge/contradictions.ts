import { REFERENCE_AIR } from '../model/air'
import { fly } from '../flight/fly'
import { measuredLaunch } from '../flight/measured-launch'
import type { ShotReading } from './reading'

/** No club sends a ball off faster than this many times its own speed (the rules' limit of spring leaves about 1.5). */
const MOST_SMASH = 1.6
/** Backspin brings no ball back by more than this share of its carry. */
const LEAST_TOTAL = 0.75
/** No shot that is still a golf shot climbs higher than this share of its carry. */
const MOST_PEAK = 0.75
/** A ball lands steeper than it starts; a tail wind and a green above take a little of that. */
const FLATTER_DEG = 12
/** The flight model errs by a few per cent, wind and altitude by some more: never by this factor. */
const MOST_OFF_MODEL = 1.5

/**
 * Whether the numbers of one record cannot belong to one ball, whatever the other shots say.
 * @param flown its carry is held against a flight of its launch too: for bags of too few shots to know better
 */
export function contradicts({ shot }: ShotReading, flown: boolean): boolean {
  const { carryM, totalM, peakM, launchDeg, landingDeg, ballSpeedMps, clubSpeedMps } = shot
  if (carryM === null) return false
  const impossible =
    (ballSpeedMps !== undefined && clubSpeedMps !== undefined && ballSpeedMps > MOST_SMASH * clubSpeedMps) ||
    (totalM !== undefined && totalM < LEAST_TOTAL * carryM) ||
    (peakM !== undefined && (peakM <= 0 || peakM > MOST_PEAK * carryM)) ||
    (landingDeg !== undefined &&
      (landingDeg >= 90 || (launchDeg !== undefined && landingDeg < launchDeg - FLATTER_DEG)))
  if (impossible || !flown) return impossible
  const launch = measuredLaunch(shot)
  const flight = launch && fly(launch, shot.air ?? REFERENCE_AIR)
  return flight?.outcome === 'landed' && Math.abs(Math.log(flight.carryM / carryM)) > Math.log(MOST_OFF_MODEL)
}
