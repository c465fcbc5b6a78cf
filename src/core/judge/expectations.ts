import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { FULL_SWING } from '../model/station'
import {
  BY_INDEX_VARIANCE_M2,
  curveAt,
  curveLofts,
  type CurvePoint,
  type CurvePrediction,
} from './loft-curve'
import { partialPrior, type Measured } from './partial-share'
import type { Posterior } from './posterior'
import type { StationReadings } from './read-shots'
import type { ShotReading } from './reading'
import { weightedMean, type Spread } from './spread'
import type { Prior } from './stock-posterior'

/** A stock from its own shots alone, with the pooled spread: what the curve is drawn through. */
export function ownStock(
  { readings }: StationReadings,
  weights: Float64Array,
  spread: Spread,
): Measured | null {
  const weightOf = ({ index }: ShotReading) => weights[index] as number
  const mean = weightedMean(readings, weightOf, ({ logCarry }) => logCarry)
  if (mean === null) return null
  const weight = readings.reduce((sum, each) => sum + weightOf(each), 0)
  if (weight < LEAST_OWN_WEIGHT) return null
  const meanM = Math.exp(mean)
  return { meanM, varianceM2: (spread.carry * meanM) ** 2 / weight }
}
/** Less than half a good shot is no stock. */
const LEAST_OWN_WEIGHT = 0.5

/** What each station should carry by all the others: full swings by the curve over lofts, partial swings by shares. */
export function expectations(
  bag: readonly Club[],
  stations: readonly StationReadings[],
  {
    weights,
    spread,
    posteriors,
    priors,
  }: {
    weights: Float64Array
    spread: Spread
    /** What an earlier pass made of each station. */
    posteriors: readonly (Posterior | null)[]
    /** What clubs should carry by what is known besides these shots. */
    priors: ReadonlyMap<ClubId, Prior>
  },
): (CurvePrediction | null)[] {
  const { loftsDeg, byIndex } = curveLofts(bag)
  const loftOf = new Map(bag.map(({ id }, i) => [id, loftsDeg[i] as number]))
  const own = stations.map((station, i) => {
    const stock = ownStock(station, weights, spread)
    // Where the shots lie in two places, their mean says less than their number.
    const unsure = posteriors[i]?.varianceM2 ?? 0
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
        curve && byIndex ? { ...curve, varianceM2: curve.varianceM2 + BY_INDEX_VARIANCE_M2 } : curve
      return [club.id, withPrior(byBag, priors.get(club.id))] as const
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
function withPrior(curve: CurvePrediction | null, priors: Prior | undefined): CurvePrediction | null {
  if (!priors) return curve
  if (!curve) return { ...priors, curveVarianceM2: priors.varianceM2 }
  const [a, b] = [1 / curve.varianceM2, 1 / priors.varianceM2]
  const varianceM2 = 1 / (a + b)
  return {
    carryM: (a * curve.carryM + b * priors.carryM) * varianceM2,
    varianceM2,
    curveVarianceM2: varianceM2,
  }
}
