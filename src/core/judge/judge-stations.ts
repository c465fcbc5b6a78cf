import type { Club } from '../bag/club'
import type { ClubId } from '../ids'
import { firstPass } from './first-pass'
import type { Mark } from '../shots/mark'
import { wildFrom } from './strike-likelihood'
import { findMisreads } from './misreads'
import { markedWeight, type Reading } from './reading'
import type { ReadShots, StationReadings } from './read-shots'
import { FULL_SWING, isWholeSwing } from '../station'
import { wrongClubs } from './wrong-club'
import { dayFactors, daysOf, onNewestDay, type DayFactors } from './day-factors'
import { driftOf, rested, type Drift } from './drift'
import {
  BY_PLACE_VARIANCE_M2,
  curveAt,
  curveLofts,
  type CurvePoint,
  type CurvePrediction,
} from './loft-curve'
import { partialPrior, type Measured } from './partial-share'
import { speedLine, type SpeedPoint } from './speed-line'
import { pooledSpread, weightedMean, type Spread } from './spread'
import { stockPosterior, type JudgedStation, type Posterior, type Prior } from './stock-posterior'

/** One station as the model sees it: the rested golfer on the newest day. */
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
  /** Mean place in the session of its good shots, and its share of them on each session. */
  position: number
  days: number[]
}

export type ShotJudgement = { mark: Mark; solidProbability: number; other?: ClubId }

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

/** A shot is left out for display when it is less likely solid than this. */
const SOLID_FROM = 0.65
/** How a left-out shot is named: launch, line and speed against its station. */
const NAMING = { thinLaunch: -0.28, shortCarry: -0.12, fatSpeed: -0.09, longDeviations: 2.5 }
const PASSES = 2

/**
 * Judges all shots of a bag together: which were good, and what each station's stock is. Two passes:
 * stocks from the shots, weights of the shots from the stocks, spread and curve from the weights, and again.
 * @param told what clubs should carry by what is known besides these shots
 */
export function judgeStations(
  bag: readonly Club[],
  { stations: asHit, readings: inOrder, sessions }: Pick<ReadShots, 'stations' | 'readings' | 'sessions'>,
  told: ReadonlyMap<ClubId, Prior> = new Map(),
): BagModel {
  const misreads = findMisreads(inOrder)
  const weights = firstPass(inOrder, misreads)
  const drift = driftOf(inOrder, weights)
  const fresh = rested(inOrder, drift)
  const rough = pooledSpread(byStation(asHit.length, fresh), weights)
  const days = dayFactors(fresh, weights, sessions, rough)
  const readings = onNewestDay(fresh, days)
  const grouped = byStation(asHit.length, readings)
  const stations = asHit.map((station, i) => ({ ...station, readings: grouped[i] as Reading[] }))

  let spread = pooledSpread(grouped, weights)
  let found: (JudgedStation | null)[] = stations.map(() => null)
  let expected: (CurvePrediction | null)[] = stations.map(() => null)
  let other = new Map<number, ClubId>()
  for (let pass = 0; pass < PASSES; pass++) {
    expected = expectations(bag, stations, { weights, spread, found, told })
    const wrong = wrongClubs(bag, readings, weights, spread, ofFullSwings(stations, expected))
    other = new Map(wrong.map((each) => [each.index, each.other]))
    if (wrong.length > 0) {
      for (const index of other.keys()) weights[index] = 0
      expected = expectations(bag, stations, { weights, spread, found, told })
    }
    const apart = new Set([...misreads, ...other.keys()])
    const evidence = { weights, apart, spread }
    const points = stations.map((station) => speedPoint(station, weights))
    found = stations.map(({ readings: own, swing }, i) =>
      stockPosterior(
        {
          ...evidence,
          readings: own,
          prior: expected[i] ?? null,
          line: isWholeSwing(swing)
            ? speedLine(points.flatMap((each, p) => (p === i || !each ? [] : [each])))
            : null,
          partial: !isWholeSwing(swing),
        },
        found[i]?.posterior ?? null,
      ),
    )
    for (const [i, station] of stations.entries()) {
      for (const reading of station.readings) {
        weights[reading.index] =
          markedWeight(reading) ?? (apart.has(reading.index) ? 0 : (found[i]?.good.get(reading.index) ?? 0))
      }
    }
    spread = pooledSpread(grouped, weights)
  }

  const byOthers =
    told.size === 0 ? expected : expectations(bag, stations, { weights, spread, found, told: new Map() })
  const judged: ShotJudgement[] = new Array<ShotJudgement>(readings.length)
  const unmarkedSolid = new Float64Array(readings.length)
  for (const [i, station] of stations.entries()) {
    const judgement = found[i] ?? null
    for (const reading of station.readings)
      unmarkedSolid[reading.index] = judgement?.good.get(reading.index) ?? 0
    const best = bestOf(station.readings, misreads, other, weights)
    for (const reading of station.readings) {
      const probability = weights[reading.index] as number
      const elsewhere = other.get(reading.index)
      const { mark } = reading.shot
      judged[reading.index] =
        mark !== undefined
          ? { mark, solidProbability: probability }
          : elsewhere
            ? { mark: 'other-club', solidProbability: 0, other: elsewhere }
            : misreads.has(reading.index)
              ? { mark: isThin(reading, judgement) ? 'thin' : 'misread', solidProbability: 0 }
              : probability >= SOLID_FROM || reading.index === best
                ? { mark: 'solid', solidProbability: probability }
                : { mark: nameOf(reading, judgement, spread), solidProbability: probability }
    }
  }
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
      position:
        weightedMean(
          station.readings,
          ({ index }) => weights[index] as number,
          (each) => each.position,
        ) ?? 0,
      days: daysOf(station.readings, weights, sessions),
    })),
  }
}

const ofFullSwings = (
  stations: readonly StationReadings[],
  expected: readonly (CurvePrediction | null)[],
): Map<ClubId, CurvePrediction | null> =>
  new Map(
    stations.flatMap(({ club, swing }, i) =>
      swing === FULL_SWING ? [[club.id, expected[i] ?? null] as const] : [],
    ),
  )

function byStation(count: number, readings: readonly Reading[]): Reading[][] {
  const stations = Array.from({ length: count }, (): Reading[] => [])
  for (const reading of readings) stations[reading.station]?.push(reading)
  return stations
}

/** A stock from its own shots alone, with the pooled spread: what the curve is drawn through. */
function ownStock({ readings }: StationReadings, weights: Float64Array, spread: Spread): Measured | null {
  const weightOf = ({ index }: Reading) => weights[index] as number
  const mean = weightedMean(readings, weightOf, ({ logCarry }) => logCarry)
  if (mean === null) return null
  const weight = readings.reduce((sum, each) => sum + weightOf(each), 0)
  if (weight < LEAST_OWN_WEIGHT) return null
  const meanM = Math.exp(mean)
  return { meanM, varianceM2: (spread.carry * meanM) ** 2 / weight }
}
/** Less than half a good shot is no stock. */
const LEAST_OWN_WEIGHT = 0.5

/** A full swing's usual carry and ball speed; null where there is no speed. */
function speedPoint({ swing, readings }: StationReadings, weights: Float64Array): SpeedPoint | null {
  const weightOf = ({ index, logSpeed }: Reading) => (logSpeed === null ? 0 : (weights[index] as number))
  const logCarry = weightedMean(readings, weightOf, (reading) => reading.logCarry)
  const logSpeed = weightedMean(readings, weightOf, (reading) => reading.logSpeed)
  return swing !== FULL_SWING || logCarry === null || logSpeed === null ? null : { logCarry, logSpeed }
}

/** What each station should carry by all the others: full swings by the curve over lofts, partial swings by shares. */
function expectations(
  bag: readonly Club[],
  stations: readonly StationReadings[],
  {
    weights,
    spread,
    found,
    told,
  }: {
    weights: Float64Array
    spread: Spread
    found: readonly (JudgedStation | null)[]
    told: ReadonlyMap<ClubId, Prior>
  },
): (CurvePrediction | null)[] {
  const { loftsDeg, byPlace } = curveLofts(bag)
  const loftOf = new Map(bag.map(({ id }, i) => [id, loftsDeg[i] as number]))
  const own = stations.map((station, i) => {
    const stock = ownStock(station, weights, spread)
    // Where the shots lie in two places, their mean says less than their number.
    const unsure = found[i]?.posterior.varianceM2 ?? 0
    return stock && { ...stock, varianceM2: Math.max(stock.varianceM2, unsure) }
  })
  const points: (CurvePoint & { clubId: ClubId })[] = stations.flatMap(({ club, swing }, i) => {
    const stock = own[i]
    return stock && swing === FULL_SWING
      ? [
          {
            clubId: club.id,
            loftDeg: loftOf.get(club.id) as number,
            carryM: stock.meanM,
            varianceM2: stock.varianceM2,
          },
        ]
      : []
  })
  const byCurve = new Map(
    bag.map((club) => {
      const others = points.filter(({ clubId }) => clubId !== club.id)
      const curve = curveAt(others, loftOf.get(club.id) as number)
      const byBag =
        curve && byPlace ? { ...curve, varianceM2: curve.varianceM2 + BY_PLACE_VARIANCE_M2 } : curve
      return [club.id, withTold(byBag, told.get(club.id))] as const
    }),
  )
  const fullOf = new Map(
    stations.flatMap(({ club, swing }, i) => {
      const measured = own[i]
      return swing === FULL_SWING && measured ? [[club.id, measured] as const] : []
    }),
  )
  return stations.map(({ club, swing }) => {
    const curve = byCurve.get(club.id) ?? null
    if (swing === FULL_SWING) return curve
    const full = fullOf.get(club.id) ?? (curve && { meanM: curve.carryM, varianceM2: curve.varianceM2 })
    if (!full) return null
    const others = stations.flatMap((station, i) => {
      const partial = own[i]
      const otherFull = fullOf.get(station.club.id)
      return station.swing === swing && station.club.id !== club.id && partial && otherFull
        ? [{ full: otherFull, partial }]
        : []
    })
    const prior = partialPrior(swing, full, others)
    return prior && { ...prior, curveVarianceM2: prior.varianceM2 }
  })
}

/** What the other clubs say of one, with what is known of it besides: each by how sure it is. */
function withTold(curve: CurvePrediction | null, told: Prior | undefined): CurvePrediction | null {
  if (!told) return curve
  if (!curve) return { ...told, curveVarianceM2: told.varianceM2 }
  const [a, b] = [1 / curve.varianceM2, 1 / told.varianceM2]
  const varianceM2 = 1 / (a + b)
  return {
    carryM: (a * curve.carryM + b * told.carryM) * varianceM2,
    varianceM2,
    curveVarianceM2: varianceM2,
  }
}

/** The likeliest solid shot of a station in which none seems solid: never everything is left out. */
function bestOf(
  readings: readonly Reading[],
  misreads: ReadonlySet<number>,
  other: ReadonlyMap<number, unknown>,
  weights: Float64Array,
): number | null {
  const open = readings.filter(
    (each) => markedWeight(each) === null && !misreads.has(each.index) && !other.has(each.index),
  )
  if (readings.some((each) => markedWeight(each) === 1)) return null
  const likeliest = open.reduce<Reading | null>(
    (best, each) =>
      best === null || (weights[each.index] as number) > (weights[best.index] as number) ? each : best,
    null,
  )
  return likeliest && (weights[likeliest.index] as number) < SOLID_FROM ? likeliest.index : null
}

/** Far below the launch of the station's good shots: what it lost of its carry, its speed does not show. */
const isThin = ({ logLaunch }: Reading, judgement: JudgedStation | null): boolean => {
  const usual = judgement?.centre.logLaunch ?? null
  return logLaunch !== null && usual !== null && logLaunch - usual < NAMING.thinLaunch
}

/** Why a shot is left out, in the order in which the numbers say it most plainly. */
function nameOf(reading: Reading, judgement: JudgedStation | null, spread: Spread): Mark {
  if (!judgement) return 'misread'
  const { posterior, centre } = judgement
  const carry = reading.logCarry - Math.log(posterior.meanM)
  const line = reading.lateral === null ? 0 : Math.abs(reading.lateral - spread.lateralMean)
  if (isThin(reading, judgement)) return 'thin'
  if (line > wildFrom(spread) && carry > NAMING.shortCarry) return 'wild'
  if (carry > NAMING.longDeviations * spread.carry) return 'misread'
  const down =
    reading.logSpeed === null || centre.logSpeed === null
      ? carry < NAMING.shortCarry
      : reading.logSpeed - centre.logSpeed < NAMING.fatSpeed || carry < NAMING.shortCarry
  return down ? 'fat' : 'off-centre'
}
