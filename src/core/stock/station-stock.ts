import type { ClubId, ShotId } from '../ids'
import type { Mark } from '../shots/mark'
import { FLIGHT_FIELDS, type FlightField, type Swing } from '../shots/shot'
import type { JudgedShot } from '../shots/judge-shots'
import { yards } from '../units'
import { interval, type Estimate } from './estimate'
import { quantile } from './quantile'
import { sample } from './sample'
import { stockBySchool, type StockRule } from './stock-rules'

export type LeftOut = { shotId: ShotId; mark: Mark; solidProbability: number; facts: { carryM?: number } }

/** The stock of one station: one club with one swing. Lengths in metres. */
export type Stock = {
  clubId: ClubId
  swing: Swing
  /** The stock by the chosen rule; absent when no shot counts. */
  carryM?: number
  /** 90% interval; holds `carryM`. */
  lowM?: number
  highM?: number
  sdM?: number
  /** Shots that count. */
  count: number
  /** 10th to 90th percentile of the shots that count. */
  reachM?: [number, number]
  /** What the shots that count measure on average, where they measure it. */
  averages: Partial<Record<Exclude<FlightField, 'carryM'>, number>>
  done: boolean
  leftOut: LeftOut[]
  schools: Partial<Record<StockRule, number>>
}

/** A single shot has no spread of its own: that of a typical golfer, 3.5% of carry worth ten shots. */
const TYPICAL_SPREAD = { ofCarry: 0.035, df: 10 }

/** A partial swing is done when its interval is within ± 3 yd or ± 3%. */
const DONE = { halfM: yards(3), halfOfCarry: 0.03 }

/** The stock of one station from its judged shots, and the estimate that its steps are taken from. */
export function stationStock(
  { shots, ...station }: { clubId: ClubId; swing: Swing; shots: readonly JudgedShot[] },
  rule: StockRule,
): { stock: Stock; estimate: Estimate | null } {
  const solid = shots.filter((shot) => shot.counts)
  const leftOut = shots
    .filter((shot) => !shot.counts)
    .map(({ id, mark, solidProbability, carryM }) => ({
      shotId: id,
      mark,
      solidProbability,
      facts: carryM === null ? {} : { carryM },
    }))
  const carries = solid.map((shot) => shot.carryM as number)
  if (carries.length === 0) {
    return {
      stock: { ...station, count: 0, done: false, averages: {}, leftOut, schools: {} },
      estimate: null,
    }
  }
  const read = shots.flatMap((shot) => (shot.readable && shot.carryM !== null ? [shot.carryM] : []))
  const schools = stockBySchool(carries, read)
  const { count, mean, sd } = sample(carries)
  const estimate: Estimate =
    count === 1
      ? { mean, se: TYPICAL_SPREAD.ofCarry * mean, df: TYPICAL_SPREAD.df }
      : { mean, se: sd / Math.sqrt(count), df: count - 1 }
  const [low, high] = interval(estimate)
  const carryM = schools[rule]
  const half = (high - low) / 2
  return {
    estimate,
    stock: {
      ...station,
      carryM,
      lowM: Math.min(low, carryM),
      highM: Math.max(high, carryM),
      ...(count > 1 && { sdM: sd }),
      count,
      reachM: [quantile(carries, 0.1), quantile(carries, 0.9)],
      averages: averagesOf(solid),
      done: station.swing !== 'full' && count > 1 && half <= Math.max(DONE.halfM, DONE.halfOfCarry * mean),
      leftOut,
      schools,
    },
  }
}

function averagesOf(shots: readonly JudgedShot[]): Stock['averages'] {
  const averages: Stock['averages'] = {}
  for (const field of FLIGHT_FIELDS) {
    if (field === 'carryM') continue
    const measured = shots.flatMap((shot) => shot[field] ?? [])
    if (measured.length > 0) averages[field] = sample(measured).mean
  }
  return averages
}
