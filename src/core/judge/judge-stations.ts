import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { FULL_SWING, isWholeSwing } from '../model/station'
import { dayFactors, daysOf, onUsualDay, type DayFactors } from './day-factors'
import { driftOf, rested, type Drift } from './drift'
import { expectations, ownStock } from './expectations'
import { firstPass } from './first-pass'
import { linesOfBag, NO_LINES, type Lines } from './lines-of-bag'
import type { CurvePrediction } from './loft-curve'
import { findMisreads } from './misreads'
import { namesOf, type ShotJudgement } from './classify-strike'
import type { Measured } from './partial-share'
import type { Posterior } from './posterior'
import type { ReadShots, StationReadings } from './read-shots'
import { markedWeight, type ShotReading } from './reading'
import { pooledSpread, weightedMean, type Spread } from './spread'
import { stockPosterior, type JudgedStation, type Prior } from './stock-posterior'
import { StrikeLikelihood } from './strike-likelihood'
import { wrongClubs } from './wrong-club'

export type { ShotJudgement } from './classify-strike'

/** One station as the model sees it: the rested golfer on the usual day. */
export type StationModel = StationReadings & {
  /** Null where no shot says anything. */
  posterior: Posterior | null
  /** What the other shots of the bag say of this station, without its own, and what was told of it. */
  expected: CurvePrediction | null
  /** The same without what was told of it. */
  byOthers: CurvePrediction | null
  /** The station's own shots alone; null where none is good. */
  own: Measured | null
  /** Usual ball speed and launch of its good shots, as logarithms; null where not measured. */
  logSpeed: number | null
  logLaunch: number | null
  /** Mean place in the session of its good shots, and its share of them on each day. */
  position: number
  days: number[]
}

export type BagModel = {
  stations: StationModel[]
  /** Of every reading, by its place. */
  judged: ShotJudgement[]
  /** What the model takes a shot for that the golfer left out. */
  unmarkedSolid: Float64Array
  spread: Spread
  drift: Drift
  days: DayFactors
}

const PASSES = 2

/** The shots as the rested golfer would have hit them on the usual day, and a first opinion of each. */
type Prepared = {
  bag: readonly Club[]
  stations: StationReadings[]
  readings: ShotReading[]
  misreads: ReadonlySet<number>
  drift: Drift
  days: DayFactors
  priors: ReadonlyMap<ClubId, Prior>
}

/** What is believed after a pass, and what the next one starts from. */
type Belief = {
  /** Probability that each reading is good, by its place. */
  weights: Float64Array
  spread: Spread
  found: readonly (JudgedStation | null)[]
  /** What the rest of the bag says of each station. */
  expected: readonly (CurvePrediction | null)[]
  /** Shots of another club than they were said to be of, by the place of their reading. */
  other: ReadonlyMap<number, ClubId>
}

/**
 * Judges all shots of a bag together: which were good, and what each station's stock is. Two passes:
 * stocks from the shots, weights of the shots from the stocks, spread and curve from the weights, and again.
 * @param told what clubs should carry by what is known besides these shots
 */
export function judgeStations(
  bag: readonly Club[],
  read: Pick<ReadShots, 'stations' | 'readings' | 'days'>,
  priors: ReadonlyMap<ClubId, Prior> = new Map(),
): BagModel {
  const { prepared, weights } = prepare(bag, read, priors)
  let belief = firstBelief(prepared, weights)
  for (let pass = 0; pass < PASSES; pass++) belief = onePass(prepared, belief)
  return modelOf(prepared, belief, read.days)
}

/** Misreads, a first opinion by rules, and what tiredness and the day did to the numbers. */
function prepare(
  bag: readonly Club[],
  { stations: asHit, readings: inOrder, days: count }: Pick<ReadShots, 'stations' | 'readings' | 'days'>,
  priors: ReadonlyMap<ClubId, Prior>,
): { prepared: Prepared; weights: Float64Array } {
  const misreads = findMisreads(inOrder)
  const weights = firstPass(inOrder, misreads)
  const drift = driftOf(inOrder, weights)
  const fresh = rested(inOrder, drift)
  const rough = pooledSpread(byStation(asHit.length, fresh), weights)
  const days = dayFactors(fresh, weights, count, rough)
  const readings = onUsualDay(fresh, days)
  const grouped = byStation(asHit.length, readings)
  const stations = asHit.map((station, i) => ({ ...station, readings: grouped[i] as ShotReading[] }))
  return { prepared: { bag, stations, readings, misreads, drift, days, priors }, weights }
}

const firstBelief = ({ stations }: Prepared, weights: Float64Array): Belief => ({
  weights,
  spread: spreadOf(stations, weights),
  found: stations.map(() => null),
  expected: stations.map(() => null),
  other: new Map(),
})

/** Changes of club that were forgotten, then every stock, then how good each shot was, then how good shots scatter. */
function onePass(prepared: Prepared, before: Belief): Belief {
  const { stations } = prepared
  const { other, weights, expected, lines } = withoutOtherClubs(prepared, before)
  const excluded = new Set([...prepared.misreads, ...other.keys()])
  const found = stocksOf(prepared, { ...before, weights, expected }, lines, excluded)
  const judged = weightsOf(stations, found, excluded, weights)
  return { weights: judged, spread: spreadOf(stations, judged), found, expected, other }
}

/** Looks for shots of other clubs by what the bag says of each, takes them out, and lets the bag speak again. */
function withoutOtherClubs(
  prepared: Prepared,
  before: Belief,
): Pick<Belief, 'other' | 'weights' | 'expected'> & { lines: Lines[] } {
  const { bag, stations, readings } = prepared
  const expected = expectedOf(prepared, before)
  const lines = linesOfBag(stations, before.weights)
  const wrong = wrongClubs(bag, readings, {
    spread: before.spread,
    weights: before.weights,
    expected: ofFullSwings(stations, expected),
    lines: ofFullSwings(stations, lines),
  })
  const other = new Map(wrong.map(({ index, other }) => [index, other]))
  if (wrong.length === 0) return { other, weights: before.weights, expected, lines }
  const weights = Float64Array.from(before.weights)
  for (const { index } of wrong) weights[index] = 0
  return {
    other,
    weights,
    expected: expectedOf(prepared, { ...before, weights }),
    lines: linesOfBag(stations, weights),
  }
}

function stocksOf(
  { stations }: Prepared,
  { weights, spread, found, expected }: Belief,
  lines: readonly Lines[],
  excluded: ReadonlySet<number>,
): (JudgedStation | null)[] {
  const likelihood = new StrikeLikelihood(spread)
  return stations.map(({ readings, swing }, i) =>
    stockPosterior(
      {
        readings,
        weights,
        excluded,
        likelihood,
        prior: expected[i] ?? null,
        lines: lines[i] ?? NO_LINES,
        partial: !isWholeSwing(swing),
      },
      found[i]?.posterior ?? null,
    ),
  )
}

/** How good each shot is: as the golfer marked it, nothing where it stands apart, else by its station. */
function weightsOf(
  stations: readonly StationReadings[],
  found: readonly (JudgedStation | null)[],
  excluded: ReadonlySet<number>,
  before: Float64Array,
): Float64Array {
  const weights = Float64Array.from(before)
  for (const [i, { readings }] of stations.entries()) {
    for (const reading of readings)
      weights[reading.index] =
        markedWeight(reading) ?? (excluded.has(reading.index) ? 0 : (found[i]?.good.get(reading.index) ?? 0))
  }
  return weights
}

const spreadOf = (stations: readonly StationReadings[], weights: Float64Array): Spread =>
  pooledSpread(
    stations.map(({ readings }) => readings),
    weights,
  )

const expectedOf = (
  { bag, stations, priors }: Prepared,
  { weights, spread, found }: Pick<Belief, 'weights' | 'spread' | 'found'>,
): (CurvePrediction | null)[] =>
  expectations(bag, stations, {
    weights,
    spread,
    posteriors: found.map((each) => each?.posterior ?? null),
    priors,
  })

/** What the passes came to, station by station and shot by shot. */
function modelOf(prepared: Prepared, belief: Belief, dayCount: number): BagModel {
  const { stations, readings, misreads, drift, days, priors } = prepared
  const { weights, spread, found, expected, other } = belief
  const byOthers = priors.size === 0 ? expected : expectedOf({ ...prepared, priors: new Map() }, belief)
  const judged: ShotJudgement[] = new Array<ShotJudgement>(readings.length)
  const unmarkedSolid = new Float64Array(readings.length)
  for (const [i, station] of stations.entries()) {
    const judgement = found[i] ?? null
    const names = namesOf(station, judgement, { misreads, other, weights, spread })
    for (const [index, name] of names) {
      judged[index] = name
      unmarkedSolid[index] = judgement?.good.get(index) ?? 0
    }
  }
  const weightOf = ({ index }: ShotReading) => weights[index] as number
  return {
    judged,
    unmarkedSolid,
    spread,
    drift,
    days,
    stations: stations.map((station, i) => ({
      ...station,
      posterior: found[i]?.posterior ?? null,
      logSpeed: found[i]?.centre.logSpeed ?? null,
      logLaunch: found[i]?.centre.logLaunch ?? null,
      expected: expected[i] ?? null,
      byOthers: byOthers[i] ?? null,
      own: ownStock(station, weights, spread),
      position: weightedMean(station.readings, weightOf, ({ position }) => position) ?? 0,
      days: daysOf(station.readings, weights, dayCount),
    })),
  }
}

const ofFullSwings = <T>(
  stations: readonly StationReadings[],
  each: readonly (T | null)[],
): Map<ClubId, T | null> =>
  new Map(
    stations.flatMap(({ club, swing }, i) =>
      swing === FULL_SWING ? [[club.id, each[i] ?? null] as const] : [],
    ),
  )

function byStation(count: number, readings: readonly ShotReading[]): ShotReading[][] {
  const stations = Array.from({ length: count }, (): ShotReading[] => [])
  for (const reading of readings) stations[reading.station]?.push(reading)
  return stations
}
