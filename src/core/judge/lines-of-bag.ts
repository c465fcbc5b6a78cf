import { FULL_SWING, isWholeSwing } from '../model/station'
import { clubLine, LAUNCH_OVER_CARRY, SPEED_OVER_CARRY, type ClubLine, type ClubPoint } from './club-line'
import type { ShotReading } from './reading'
import type { StationReadings } from './read-shots'
import { weightedMean } from './spread'

/** What the golfer's other clubs say of one club's ball speed and launch at a carry; null where they are too few. */
export type Lines = { speed: ClubLine | null; launch: ClubLine | null }

export const NO_LINES: Lines = { speed: null, launch: null }

/** The lines beside each station, drawn without its own club; none for partial swings. */
export function linesOfBag(stations: readonly StationReadings[], weights: Float64Array): Lines[] {
  const speeds = stations.map((station) => usual(station, weights, ({ logSpeed }) => logSpeed, Math.log))
  const launches = stations.map((station) =>
    usual(
      station,
      weights,
      ({ logLaunch }) => logLaunch,
      (carryM) => carryM,
    ),
  )
  const without = (points: readonly (ClubPoint | null)[], own: number) =>
    points.flatMap((point, i) => (i === own || !point ? [] : [point]))
  return stations.map(({ swing }, i) =>
    isWholeSwing(swing)
      ? {
          speed: clubLine(without(speeds, i), SPEED_OVER_CARRY),
          launch: clubLine(without(launches, i), LAUNCH_OVER_CARRY),
        }
      : NO_LINES,
  )
}

/** A full swing's usual carry and what goes with it; null where that was not measured. */
function usual(
  { swing, readings }: StationReadings,
  weights: Float64Array,
  of: (reading: ShotReading) => number | null,
  placed: (carryM: number) => number,
): ClubPoint | null {
  if (swing !== FULL_SWING) return null
  const weightOf = (reading: ShotReading) => (of(reading) === null ? 0 : (weights[reading.index] as number))
  const logCarry = weightedMean(readings, weightOf, (reading) => reading.logCarry)
  const y = weightedMean(readings, weightOf, of)
  return logCarry === null || y === null ? null : { x: placed(Math.exp(logCarry)), y }
}
