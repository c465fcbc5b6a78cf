import { median } from '../stock/quantile'
import { sample } from '../stock/sample'
import { MAD_TO_SD } from './misreads'
import { grouped, markedWeight, type Reading } from './reading'

/** The quantities by which a shot stands out in its station. */
type Field = 'logCarry' | 'logSpeed' | 'logLaunch' | 'lateral'

/** A typical golfer's spread of good shots, worth this many shots of evidence. */
const USUAL: Record<Field, number> = { logCarry: 0.035, logSpeed: 0.018, logLaunch: 0.07, lateral: 0.045 }
const USUAL_WORTH = 8

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
export function firstPass(readings: readonly Reading[], misreads: ReadonlySet<number>): Float64Array {
  const weights = new Float64Array(readings.length)
  for (const reading of readings)
    weights[reading.index] = markedWeight(reading) ?? (misreads.has(reading.index) ? 0 : 1)
  const judged = readings.filter((each) => markedWeight(each) === null && !misreads.has(each.index))
  const stations = grouped(readings, ({ station }) => station)
  for (let iteration = 0; iteration < ITERATIONS; iteration++) {
    const middle = iteration < MEDIAN_ITERATIONS ? median : (values: number[]) => sample(values).mean
    const away = Object.fromEntries(
      (Object.keys(USUAL) as Field[]).map((field) => [field, scores(field, stations, weights, middle)]),
    ) as Record<Field, Map<number, Score>>
    const kept = new Map<number, number>()
    const suspects = judged.filter((reading) => {
      const out = standsOut(
        away.logCarry.get(reading.index),
        away.logSpeed.get(reading.index),
        away.logLaunch.get(reading.index),
        away.lateral.get(reading.index),
      )
      if (!out) kept.set(reading.station, (kept.get(reading.station) ?? 0) + 1)
      return out
    })
    for (const reading of judged) weights[reading.index] = 1
    // Never everything of a station: then it is the centre that is wrong.
    for (const reading of suspects) if (kept.has(reading.station)) weights[reading.index] = 0
  }
  return weights
}

type Score = { z: number; away: number }

/** How far each shot is from its station's centre, as it is and in pooled standard deviations. */
function scores(
  field: Field,
  stations: ReadonlyMap<number, readonly Reading[]>,
  weights: Float64Array,
  middle: (values: number[]) => number,
): Map<number, Score> {
  const away = new Map<number, number>()
  const pooled: number[] = []
  for (const shots of stations.values()) {
    const measured = shots.flatMap((shot) =>
      shot[field] === null ? [] : [{ index: shot.index, value: shot[field] }],
    )
    const kept = measured.filter(({ index }) => weights[index] === 1)
    if (kept.length === 0) continue
    const centre = middle(kept.map(({ value }) => value))
    for (const { index, value } of measured) away.set(index, value - centre)
    if (kept.length < 3) continue
    for (const { value } of kept) pooled.push(Math.abs(value - centre) * smallSample(kept.length))
  }
  const found = pooled.length > 0 ? MAD_TO_SD * median(pooled) : 0
  const n = pooled.length
  const sd = Math.sqrt((USUAL_WORTH * USUAL[field] ** 2 + n * found ** 2) / (USUAL_WORTH + n))
  return new Map([...away].map(([index, each]) => [index, { z: each / sd, away: each }]))
}

function standsOut(carry?: Score, speed?: Score, launch?: Score, lateral?: Score): boolean {
  return (
    (launch !== undefined && launch.z < OUT.launchLow) ||
    (speed !== undefined && speed.z < OUT.speedLow) ||
    (carry !== undefined &&
      (carry.z < OUT.carryLow || carry.z > OUT.carryHigh || Math.abs(carry.away) > OUT.absurd)) ||
    (lateral !== undefined && Math.abs(lateral.z) > OUT.lateral)
  )
}
