import { HALF_A_SHOT, shotAt, Sums, type Centre } from './club-centre'
import { onLine } from './club-line'
import type { Lines } from './lines-of-bag'
import type { CurvePrediction } from './loft-curve'
import { density } from '../math/normal'
import { markedWeight, type ShotReading } from './reading'
import type { Spread } from './spread'
import type { StrikeLikelihood } from './strike-likelihood'

/** What the curve says of a stock can be wrong: some of it is wider, and some lies everywhere. */
const BELIEF = { core: 0.95, wide: 0.05, wider: 2.45, floor: 1e-7 }

/** All full shots of one club, and what the rest of the bag says of it. */
type OfClub = {
  readings: readonly ShotReading[]
  expected: CurvePrediction
  lines: Lines
  likelihood: StrikeLikelihood
  spread: Spread
}

/**
 * Shots that lie apart from the others of their club may be its only good ones, the others having been missed. Both
 * centres are held against all shots of the club, and against what the golfer's other clubs say of its carry, ball speed
 * and launch. What the golfer called solid was not missed.
 * @returns log odds that the suspects are good and the rest was missed, against the other way round
 */
export function restMissedLogOdds(suspects: readonly ShotReading[], rest: Centre, club: OfClub): number {
  return score(Sums.of(suspects).centre(), club) - score(rest, club)
}

function score(centre: Centre, { readings, expected, lines, likelihood, spread }: OfClub): number {
  const { logCarry, logSpeed, logLaunch } = centre
  if (logCarry === undefined) return -Infinity
  const carryM = Math.exp(logCarry)
  const weight = Math.max(HALF_A_SHOT, centre.weight)
  const sd = Math.sqrt(expected.varianceM2 + (spread.carry * expected.carryM) ** 2 / weight)
  const away = carryM - expected.carryM
  const byCurve =
    BELIEF.core * density(away, sd) + BELIEF.wide * density(away, BELIEF.wider * sd) + BELIEF.floor
  const sdOf = (one: number) => one / Math.sqrt(weight)
  const bySpeed =
    lines.speed && logSpeed !== undefined
      ? onLine(lines.speed, { x: logCarry, y: logSpeed }, sdOf(spread.speed))
      : 1
  const byLaunch =
    lines.launch && logLaunch !== undefined
      ? onLine(lines.launch, { x: carryM, y: logLaunch }, sdOf(spread.launch))
      : 1
  return readings.reduce(
    (sum, reading) => {
      const marked = markedWeight(reading)
      if (marked === 0) return sum
      const { good, missed } = shotAt(reading, centre, likelihood, spread.carry)
      return sum + Math.log(marked === 1 ? good : good + missed)
    },
    Math.log(byCurve * bySpeed * byLaunch),
  )
}
