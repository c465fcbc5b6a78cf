import { Z90 } from '../math/z90'
import type { StationModel } from '../judge/judge-stations'
import { CARRY_PER_SPEED } from '../judge/drift'
import { weightedMean } from '../judge/spread'
import { robustLine } from '../math/robust-line'

/** A full-swing stock beside what the golfer's other clubs say of its loft. */
export type OffCurve = {
  /** Strike: its ball speed explains it. Loft: it does not, so look at the club. Too few: the shots do not say. */
  cause: 'strike' | 'loft' | 'too-few'
  expectedM: number
  measuredM: number
  /** 90% interval of measured less expected. */
  lowM: number
  highM: number
  /** Share of the difference that ball speed explains; absent where speed was not measured. */
  explained?: number
  /** Ball speed over club speed of this club, and what it is by the golfer's other clubs; absent where not measured. */
  smash?: number
  expectedSmash?: number
}

/** Lost speed is the cause where it explains this share. */
const EXPLAINS = 0.6
const FEWEST_OTHERS = 3
/** Ball speed over club speed outside these is a misread of one of them. */
const SMASH = { least: 0.5, most: 2 }
/** Two clubs nearer than this in carry say nothing of a slope. */
const APART = 0.01

/**
 * Whether a full-swing station is off its golfer's own curve of carry over loft, and if so by the strike
 * or by the club.
 * @param stations the full-swing stations, longest club first
 * @returns null where there is no curve
 */
export function offCurve(
  station: StationModel,
  stations: readonly StationModel[],
  weights: (index: number) => number,
): OffCurve | null {
  const { own, byOthers: expected } = station
  if (!own || !expected) return null
  const differenceM = own.meanM - expected.carryM
  const half = Z90 * Math.sqrt(own.varianceM2 + expected.curveVarianceM2)
  const measured = {
    expectedM: expected.carryM,
    measuredM: own.meanM,
    lowM: differenceM - half,
    highM: differenceM + half,
  }
  if (measured.lowM <= 0 && measured.highM >= 0) return { cause: 'too-few', ...measured }
  const share = Math.log(own.meanM / expected.carryM)
  const others = stations.filter((each) => each !== station)
  const smash = lineAt(station, others, (each) => logSmash(each, weights))
  const speed = smash ?? lineAt(station, others, ({ logSpeed }) => logSpeed)
  const explained = speed ? (CARRY_PER_SPEED * (speed.here - speed.expected)) / share : undefined
  return {
    cause: explained !== undefined && explained >= EXPLAINS ? 'strike' : 'loft',
    ...measured,
    ...(explained !== undefined && { explained }),
    ...(smash && { smash: Math.exp(smash.here), expectedSmash: Math.exp(smash.expected) }),
  }
}

/** A quantity of one club, and what it would be on the line through the golfer's other clubs over their place in carry. */
function lineAt(
  station: StationModel,
  others: readonly StationModel[],
  of: (station: StationModel) => number | null,
): { here: number; expected: number } | null {
  const here = of(station)
  const x = ({ byOthers }: StationModel) => (byOthers ? Math.log(byOthers.carryM) : null)
  const at = x(station)
  const points = others.flatMap((each) => {
    const [px, py] = [x(each), of(each)]
    return px === null || py === null ? [] : [{ x: px, y: py }]
  })
  if (here === null || at === null || points.length < FEWEST_OTHERS) return null
  const line = robustLine(points, APART)
  return line && { here, expected: line.at0 + line.slope * at }
}

function logSmash({ readings }: StationModel, weights: (index: number) => number): number | null {
  return weightedMean(
    readings,
    ({ index }) => weights(index),
    ({ logSpeed, shot: { clubSpeedMps } }) => {
      const smash = logSpeed === null || !clubSpeedMps ? NaN : Math.exp(logSpeed) / clubSpeedMps
      return smash > SMASH.least && smash < SMASH.most ? Math.log(smash) : null
    },
  )
}
