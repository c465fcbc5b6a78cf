import { median } from '../math/quantile'
import { sample } from '../math/sample'
import { MAD_TO_SD } from './misreads'
import { grouped, markedWeight, type ShotReading } from './reading'

/** The quantities by which a shot stands out in its station. */
type Field = 'logCarry' | 'logSpeed' | 'logLaunch' | 'lateral'

/** A typical golfer's spread of good shots, worth this many shots of evidence. */
const USUAL: Record<Field, number> = { logCarry: 0.035, logSpeed: 0.018, logLaunch: 0.07, lateral: 0.045 }
const USUAL_WORTH = 8
/** No golfer's good shots scatter more (from memory of practice): where many are missed the residuals would say so. */
const MOST: Record<Field, number> = { logCarry: 0.08, logSpeed: 0.05, logLaunch: 0.15, lateral: 0.12 }

/** A median of residuals from a centre fitted to n shots is too small by this factor (by simulation). */
const SMALL_SAMPLE = [0, 0, 0, 1.45, 1.3, 1.22, 1.18, 1.14, 1.12, 1.1, 1.09]
const smallSample = (n: number): number => SMALL_SAMPLE[n] ?? 1 + 0.9 / n

const ITERATIONS = 4
/** Medians first: a mean would follow the bad shots that are still in. */
const MEDIAN_ITERATIONS = 2

/** Standard scores and shares beyond which a shot is left out; a station's good shots rarely reach them. */
const OUT = { launchLow: -3.5, speedLow: -2.8, carryLow: -2.6, carryHigh: 3.5, lateral: 3, absurd: 0.6 }

/**
 * A first opinion by rules, where the model starts: which shots stand out of their station. Spreads are
 * pooled over the bag, since a spread from 3 to 5 shots is worth nothing.
 * @returns 1 for shots that are in and 0 for the others, by place
 */
export function firstPass(readings: readonly ShotReading[], misreads: ReadonlySet<number>): Float64Array {
  const weights = new Float64Array(readings.length)
  for (const reading of readings)
    weights[reading.index] = markedWeight(reading) ?? (misreads.has(reading.index) ? 0 : 1)
  const judged = readings.filter((each) => markedWeight(each) === null && !misreads.has(each.index))
  const stations = grouped(readings, ({ station }) => station)
  for (let iteration = 0; iteration < ITERATIONS; iteration++) {
    const middle = iteration < MEDIAN_ITERATIONS ? median : mean
    const carry = away('logCarry', stations, weights, middle)
    const speed = away('logSpeed', stations, weights, middle)
    const launch = away('logLaunch', stations, weights, middle)
    const lateral = away('lateral', stations, weights, middle)
    const keeps = new Set<number>()
    const suspects: ShotReading[] = []
    for (const reading of judged) {
      const { index, station } = reading
      const from = carry.from[index] as number
      // Not measured is NaN here, which is beyond no limit.
      const out =
        (launch.from[index] as number) < OUT.launchLow * launch.sd ||
        (speed.from[index] as number) < OUT.speedLow * speed.sd ||
        from < OUT.carryLow * carry.sd ||
        from > OUT.carryHigh * carry.sd ||
        Math.abs(from) > OUT.absurd ||
        Math.abs(lateral.from[index] as number) > OUT.lateral * lateral.sd
      if (out) suspects.push(reading)
      else keeps.add(station)
      weights[index] = 1
    }
    // Never everything of a station: then it is the centre that is wrong.
    for (const { index, station } of suspects) if (keeps.has(station)) weights[index] = 0
  }
  return weights
}

const mean = (values: readonly number[]): number => sample(values).mean

/** How far each shot is from its station's centre, by its place, and the spread of that pooled over the bag. */
function away(
  field: Field,
  stations: ReadonlyMap<number, readonly ShotReading[]>,
  weights: Float64Array,
  middle: (values: readonly number[]) => number,
): { from: Float64Array; sd: number } {
  const from = new Float64Array(weights.length).fill(NaN)
  const pooled: number[] = []
  for (const shots of stations.values()) {
    const kept: number[] = []
    for (const shot of shots) {
      const value = shot[field]
      if (value !== null && weights[shot.index] === 1) kept.push(value)
    }
    if (kept.length === 0) continue
    const centre = middle(kept)
    for (const shot of shots) {
      const value = shot[field]
      if (value !== null) from[shot.index] = value - centre
    }
    if (kept.length < 3) continue
    for (const value of kept) pooled.push(Math.abs(value - centre) * smallSample(kept.length))
  }
  const found = pooled.length > 0 ? MAD_TO_SD * median(pooled) : 0
  const n = pooled.length
  const pooledSd = Math.sqrt((USUAL_WORTH * USUAL[field] ** 2 + n * found ** 2) / (USUAL_WORTH + n))
  return { from, sd: Math.min(MOST[field], pooledSd) }
}
