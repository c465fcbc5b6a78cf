import type { ClubId } from '../model/ids'
import type { Mark } from '../model/mark'
import type { StationReadings } from './read-shots'
import { markedWeight, type ShotReading } from './reading'
import type { Spread } from './spread'
import type { JudgedStation } from './stock-posterior'
import { wildFrom } from './strike-likelihood'

export type ShotJudgement = { mark: Mark; solidProbability: number; other?: ClubId }

/** A shot is left out where it is three times likelier to be missed than solid: leaving out wants a reason, not a coin. */
const SOLID_FROM = 0.25
/** How a left-out shot is named: launch, line and speed against its station. */
const CLASSIFY = { thinLaunch: -0.28, shortCarry: -0.12, fatSpeed: -0.09, longDeviations: 2.5 }

/** What the passes came to, as far as shots are named by it. */
type ClassifiedStrike = {
  misreads: ReadonlySet<number>
  other: ReadonlyMap<number, ClubId>
  weights: Float64Array
  spread: Spread
}

/**
 * What each shot of a station is called, by the place of its reading: as the golfer marked it, else solid, or why it is
 * left out.
 */
export function namesOf(
  { readings }: StationReadings,
  judgement: JudgedStation | null,
  { misreads, other, weights, spread }: ClassifiedStrike,
): Map<number, ShotJudgement> {
  const best = bestOf(readings, misreads, other, weights)
  const nameOne = (reading: ShotReading): ShotJudgement => {
    const { mark } = reading.shot
    const solidProbability = weights[reading.index] as number
    if (mark !== undefined) return { mark, solidProbability }
    const elsewhere = other.get(reading.index)
    if (elsewhere) return { mark: 'other-club', solidProbability: 0, other: elsewhere }
    if (misreads.has(reading.index))
      return { mark: isThin(reading, judgement) ? 'thin' : 'misread', solidProbability: 0 }
    const solid = solidProbability >= SOLID_FROM || reading.index === best
    return { mark: solid ? 'solid' : nameOf(reading, judgement, spread), solidProbability }
  }
  return new Map(readings.map((reading) => [reading.index, nameOne(reading)]))
}

/** The likeliest solid shot of a station in which none seems solid: never everything is left out. */
function bestOf(
  readings: readonly ShotReading[],
  misreads: ReadonlySet<number>,
  other: ReadonlyMap<number, unknown>,
  weights: Float64Array,
): number | null {
  const open = readings.filter(
    (each) => markedWeight(each) === null && !misreads.has(each.index) && !other.has(each.index),
  )
  if (readings.some((each) => markedWeight(each) === 1)) return null
  const likeliest = open.reduce<ShotReading | null>(
    (best, each) =>
      best === null || (weights[each.index] as number) > (weights[best.index] as number) ? each : best,
    null,
  )
  return likeliest && (weights[likeliest.index] as number) < SOLID_FROM ? likeliest.index : null
}

/** Far below the launch of the station's good shots: what it lost of its carry, its speed does not show. */
const isThin = ({ logLaunch }: ShotReading, judgement: JudgedStation | null): boolean => {
  const usual = judgement?.centre.logLaunch ?? null
  return logLaunch !== null && usual !== null && logLaunch - usual < CLASSIFY.thinLaunch
}

/** Why a shot is left out, in the order in which the numbers say it most plainly. */
function nameOf(reading: ShotReading, judgement: JudgedStation | null, spread: Spread): Mark {
  if (!judgement) return 'misread'
  const { posterior, centre } = judgement
  const carry = reading.logCarry - Math.log(posterior.meanM)
  const line = reading.lateral === null ? 0 : Math.abs(reading.lateral - spread.lateralMean)
  if (isThin(reading, judgement)) return 'thin'
  if (line > wildFrom(spread) && carry > CLASSIFY.shortCarry) return 'wild'
  if (carry > CLASSIFY.longDeviations * spread.carry) return 'misread'
  const down =
    reading.logSpeed === null || centre.logSpeed === null
      ? carry < CLASSIFY.shortCarry
      : reading.logSpeed - centre.logSpeed < CLASSIFY.fatSpeed || carry < CLASSIFY.shortCarry
  return down ? 'fat' : 'off-centre'
}
