import { isMissed } from '../model/mark'
import { isPlausibleCarry } from '../shots/plausible-carry'
import type { ShotReading } from '../judge/reading'
import { EXCLUSIONS, type Exclusion, type Shot } from '../shots/shot'
import { FLIGHT_FIELDS } from '../shots/flight-fields'
import type { NextCarry } from '../shots/typed-slip'
import { yards } from '../units'
import { dayVariance, usualDayVariance } from '../judge/day-factors'
import { carryLost, driftSd, rested } from '../judge/drift'
import type { BagModel, ShotJudgement, StationModel } from '../judge/judge-stations'
import { expectedStock, type ExpectedStock } from './expected-stock'
import type { HitStock, LeftOut, OddAverage, Stock } from './stock'
import { sample } from '../math/sample'
import { stockAt } from '../judge/posterior'
import { stockByRule } from './stock-rules'
import { type StockRule } from '../model/stock-rule'
import { typicalRange } from './typical-range'
import { FULL_SWING } from '../model/station'

/** A partial swing is done when its interval is within ± 3 yd or ± 3%. */
const DONE = { halfM: yards(3), halfOfCarry: 0.03 }
/** The shots of a station: those that can be judged, those that cannot, and those that lie apart. */
type ShotsOfStation = {
  readings: readonly ShotReading[]
  unreadable: readonly Shot[]
  excluded: readonly Shot[]
}

/**
 * What a station's shots come to, by the model and by every rule.
 * @param expected of a club that was changed: its stock until three good shots replace it
 */
export function stationStock(
  station: StationModel,
  shots: ShotsOfStation,
  model: BagModel,
  rule: StockRule,
  expected?: ExpectedStock,
): Stock {
  const stock = stockOfShots(station, shots, model, rule)
  return expected ? expectedStock(stock, expected, model.spread.carry) : stock
}

function stockOfShots(
  station: StationModel,
  { readings: asHit, unreadable, excluded }: ShotsOfStation,
  model: BagModel,
  rule: StockRule,
): Stock {
  const judgedOf = ({ index }: ShotReading) => model.judged[index] as ShotJudgement
  const own = { clubId: station.club.id, swing: station.swing }
  const solid = asHit.filter((reading) => judgedOf(reading).mark === 'solid')
  const leftOut = [
    ...asHit
      .filter((reading) => judgedOf(reading).mark !== 'solid')
      .map((reading) => leftOutOf(reading, judgedOf(reading), station, model)),
    ...unreadable.map(({ id, mark }): LeftOut => ({
      shotId: id,
      mark: mark === undefined || mark === 'solid' ? 'misread' : mark,
      solidProbability: 0,
      ...(mark !== undefined && mark !== 'solid' && { byGolfer: true as const }),
      facts: {},
    })),
  ]
  const foreseen = foreseenOf(station, model, solid.length)
  const shared = { ...own, leftOut, ...(foreseen && { foreseen }) }
  const { posterior } = station
  if (solid.length === 0 || !posterior) {
    return { ...shared, count: 0, done: false, averages: {}, byStockRule: {} }
  }
  const plain = solid.map(carryOf)
  const carries = model.drift.found
    ? rested(solid, model.drift).map(({ logCarry }) => Math.exp(logCarry))
    : plain
  const all = asHit.map(carryOf)
  const ofDays = dayVariance(model.days, station.days)
  const tired = driftSd(model.drift, station.position) ** 2
  // The days that were hit are what the bars of today go by; how those days are off the usual one is the golfer's.
  const ofThese = modelStock(posterior, tired + Math.max(0, ofDays - usualDayVariance(model.days)))
  const byStockRule = { ...stockByRule(carries, all), model: ofThese.carryM }
  const carryM = byStockRule[rule]
  const { mean, sd, count } = sample(carries)
  const interval = modelStock(posterior, tired + ofDays)
  const odd = IS_A_MIDDLE.has(rule) ? oddAverage(carryM, interval, station, model) : null
  const [low, high] = [Math.min(interval.lowM, carryM), Math.max(interval.highM, carryM)]
  const conditions = conditionsOf(
    solid,
    carries,
    excluded,
    (all) => stockByRule(all, all)[rule === 'model' ? 'mean-solid' : rule],
  )
  const missed = asHit.filter((reading) => isMissed(judgedOf(reading).mark)).map(carryOf)
  return {
    ...shared,
    carryM,
    lowM: low,
    highM: high,
    ...(count > 1 && { sdM: sd }),
    count,
    model: ofThese,
    ...(odd && { odd }),
    shortestM: Math.min(...carries),
    reachM: typicalRange(carries, ofThese, station, model),
    ...(missed.length > 0 && { missed: { carryM: sample(missed).mean, count: missed.length } }),
    ...(model.drift.found && { restedByM: mean - sample(plain).mean }),
    averages: averagesOf(solid),
    ...runOfShots(solid),
    ...(conditions && { conditions }),
    done:
      station.swing !== FULL_SWING &&
      count > 1 &&
      (ofThese.highM - ofThese.lowM) / 2 <= Math.max(DONE.halfM, DONE.halfOfCarry * carryM),
    byStockRule,
  }
}

/** Rules whose number means to be the middle of good shots; the others are long or short on purpose. */
const IS_A_MIDDLE: ReadonlySet<StockRule> = new Set(['mean-solid', 'median-solid', 'mean-all'])
/** Nearer to the end of its interval than this share of it, an average is more likely off than not. */
const ODD_WITHIN = 0.1

/** Why the average of the counted shots lies at the end of what is likely; null where it does not. */
function oddAverage(
  averageM: number,
  { carryM: estimateM, lowM, highM }: { carryM: number; lowM: number; highM: number },
  station: StationModel,
  { drift }: BagModel,
): OddAverage | null {
  const room = ODD_WITHIN * (highM - lowM)
  const short = averageM < lowM + room
  if (!short && averageM <= highM - room) return null
  const beyond = (carryM: number) => (short ? carryM > averageM : carryM < averageM)
  const restedM = averageM * Math.exp(-carryLost(drift, station.position))
  const because =
    station.expected && beyond(station.expected.carryM)
      ? 'other-clubs'
      : !drift.found && short && restedM > averageM + room
        ? 'late-shots'
        : 'doubtful-shots'
  return { is: short ? 'short' : 'long', because, estimateM }
}

function conditionsOf(
  solid: readonly ShotReading[],
  carries: readonly number[],
  excluded: readonly Shot[],
  stockFrom: (carries: number[]) => number,
): HitStock['conditions'] | null {
  const outside = excluded.filter(
    ({ exclusion: why, mark, carryM }) =>
      why !== 'warm-up' && (mark === undefined || mark === 'solid') && isPlausibleCarry(carryM),
  )
  const counted = solid.flatMap(({ shot }) => shot.exclusion ?? [])
  if (outside.length === 0 && counted.length === 0) return null
  const withAllM = stockFrom([...carries, ...outside.map(({ carryM }) => carryM as number)])
  return {
    excluded: outside.map(({ id }) => id),
    why: reasons(outside.flatMap(({ exclusion: why }) => why ?? [])),
    counted: counted.length,
    countedWhy: reasons(counted),
    withAllM,
  }
}

/** Each once, as they are listed. */
const reasons = (found: readonly Exclusion[]): Exclusion[] =>
  EXCLUSIONS.filter((each) => found.includes(each))

const carryOf = ({ shot }: ShotReading): number => shot.carryM as number

/** Mean and 90% interval of a posterior, with what drift and days add (a variance of its logarithm). */
function modelStock(posterior: NonNullable<StationModel['posterior']>, extra: number) {
  const carryM = posterior.meanM
  const stretched = posterior.varianceM2 > 0 ? Math.sqrt(1 + (extra * carryM ** 2) / posterior.varianceM2) : 1
  return {
    carryM,
    lowM: carryM - stretched * (carryM - stockAt(posterior, 0.05)),
    highM: carryM + stretched * (stockAt(posterior, 0.95) - carryM),
  }
}

/** A shot or two alone say little of the next one. */
export const FEWEST_TO_FORESEE = 3

function foreseenOf(
  { posterior, expected }: StationModel,
  { spread }: BagModel,
  solid: number,
): NextCarry | null {
  if (!expected && solid < FEWEST_TO_FORESEE) return null
  const mean = posterior?.meanM ?? expected?.carryM
  const variance = posterior?.varianceM2 ?? expected?.varianceM2
  if (mean === undefined || variance === undefined) return null
  return { carryM: mean, sdM: Math.sqrt(variance + (spread.carry * mean) ** 2) }
}

function leftOutOf(
  reading: ShotReading,
  { mark, solidProbability, other }: ShotJudgement,
  { posterior, logSpeed, logLaunch }: StationModel,
  { spread }: BagModel,
): LeftOut {
  const carryM = carryOf(reading)
  return {
    shotId: reading.shot.id,
    mark,
    solidProbability,
    ...(reading.shot.mark !== undefined && { byGolfer: true as const }),
    facts: {
      carryM,
      ...(posterior && { shortM: posterior.meanM - carryM }),
      ...(reading.logSpeed !== null &&
        logSpeed !== null && { speedDown: 1 - Math.exp(reading.logSpeed - logSpeed) }),
      ...(reading.logLaunch !== null &&
        logLaunch !== null && { launchDown: 1 - Math.exp(reading.logLaunch - logLaunch) }),
      ...(reading.lateral !== null && { offlineM: (reading.lateral - spread.lateralMean) * carryM }),
      ...(other && { other }),
    },
  }
}

/** The mean of total less carry. What a device computed indoors counts only where no ball ran in front of Banco. */
function runOfShots(solid: readonly ShotReading[]): Pick<HitStock, 'run'> {
  const runs = solid.flatMap(({ shot: { totalM, carryM, totalComputed } }) =>
    totalM !== undefined && carryM !== null ? [{ runM: totalM - carryM, totalComputed }] : [],
  )
  const ran = runs.filter(({ totalComputed }) => !totalComputed)
  const counted = ran.length > 0 ? ran : runs
  if (counted.length === 0) return {}
  const meanM = sample(counted.map(({ runM }) => runM)).mean
  return { run: { meanM, from: ran.length > 0 ? 'measured' : 'monitor' } }
}

function averagesOf(solid: readonly ShotReading[]): HitStock['averages'] {
  const averages: HitStock['averages'] = {}
  for (const field of FLIGHT_FIELDS) {
    if (field === 'carryM') continue
    const measured = solid.flatMap(({ shot }) => {
      const value = shot[field]
      return typeof value === 'number' && Number.isFinite(value) ? [value] : []
    })
    if (measured.length > 0) averages[field] = sample(measured).mean
  }
  return averages
}
