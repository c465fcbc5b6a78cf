import type { Club } from '../bag/club'
import { isPlausibleCarry } from '../shots/plausible-carry'
import { yards, YARD_M } from '../units'

/** A club's own stock as one observation of the golfer's curve of carry over loft. */
export type CurvePoint = { loftDeg: number; carryM: number; varianceM2: number }

/** What the curve says a club of some loft carries. */
export type CurvePrediction = {
  carryM: number
  /** Variance of what such a club carries, its own departure from the curve included. */
  varianceM2: number
  /** Variance of the curve itself there. */
  curveVarianceM2: number
}

/** With fewer other clubs there is no curve. */
const FEWEST_POINTS = 3

/** The curve is a + b·x + c·x² with x = loft − 33°, drawn towards a typical one (common practice: 2 to 4.5 yd a degree). */
const CENTRE_DEG = 33
const TYPICAL = { carryM: yards(150), slopeM: yards(-2.6) }
const SLOPE_SCALE = { least: 0.6, most: 1.3 }
const COEFFICIENT_VARIANCE = [1e4, 2.2 ** 2, 0.035 ** 2].map((each) => each * YARD_M ** 2)

/** How far a club is off its golfer's curve: sizes and their weights, before the shots have spoken. Long clubs are off further. */
const DEPARTURES = [
  { sdM: yards(2), weight: 0.2 },
  { sdM: yards(3), weight: 0.3 },
  { sdM: yards(4.5), weight: 0.27 },
  { sdM: yards(7), weight: 0.15 },
  { sdM: yards(10), weight: 0.08 },
]
const LONG_CLUB = { underDeg: 27, factor: 1.2 }

/**
 * The golfer's own curve of carry over loft at one loft, by ridge regression over other clubs' stocks,
 * averaged over how far clubs may be off it, by how well each size explains these clubs.
 * @param points stocks of the other clubs
 * @returns null with too few points, and where the curve has left what a golf ball can do
 */
export function curveAt(points: readonly CurvePoint[], loftDeg: number): CurvePrediction | null {
  if (points.length < FEWEST_POINTS) return null
  const mean = points.reduce((sum, { carryM }) => sum + carryM, 0) / points.length
  const slopeM = typicalSlopeM(mean)
  const fits = DEPARTURES.map(({ sdM, weight }) => {
    const fit = new Ridge([TYPICAL.carryM, slopeM, 0])
    for (const point of points) {
      fit.observe(point.loftDeg, point.carryM, point.varianceM2 + departure(sdM, point.loftDeg) ** 2)
    }
    const { mean: carryM, variance } = fit.predict(loftDeg)
    return {
      logWeight: Math.log(weight) + fit.logEvidence,
      carryM,
      variance,
      own: departure(sdM, loftDeg) ** 2,
    }
  })
  const best = Math.max(...fits.map(({ logWeight }) => logWeight))
  const weights = fits.map(({ logWeight }) => Math.exp(logWeight - best))
  const total = weights.reduce((sum, w) => sum + w, 0)
  const average = (of: (fit: (typeof fits)[number]) => number) =>
    fits.reduce((sum, fit, i) => sum + (weights[i] as number) * of(fit), 0) / total
  const carryM = average((fit) => fit.carryM)
  if (!isPlausibleCarry(carryM)) return null
  const between = average((fit) => (fit.carryM - carryM) ** 2)
  const curveVarianceM2 = between + average((fit) => fit.variance)
  return { carryM, curveVarianceM2, varianceM2: curveVarianceM2 + average((fit) => fit.own) }
}

/** Metres of carry for a degree of loft about a carry, negative (common practice). */
export const typicalSlopeM = (carryM: number): number =>
  TYPICAL.slopeM * Math.min(SLOPE_SCALE.most, Math.max(SLOPE_SCALE.least, carryM / TYPICAL.carryM))

const departure = (sdM: number, loftDeg: number): number =>
  loftDeg < LONG_CLUB.underDeg ? sdM * LONG_CLUB.factor : sdM

/** Bayesian regression on (1, x, x²), one observation at a time. */
class Ridge {
  logEvidence = 0
  private readonly variance = COEFFICIENT_VARIANCE.map((v, i) => [0, 1, 2].map((j) => (i === j ? v : 0)))
  constructor(private readonly coefficients: number[]) {}

  observe(loftDeg: number, carryM: number, varianceM2: number): void {
    const { x, spread, mean, variance } = this.at(loftDeg)
    const total = variance + varianceM2
    const error = carryM - mean
    this.logEvidence -= (Math.log(2 * Math.PI * total) + error ** 2 / total) / 2
    for (let i = 0; i < 3; i++) {
      const gain = (spread[i] as number) / total
      this.coefficients[i] = (this.coefficients[i] as number) + gain * error
      const row = this.variance[i] as number[]
      for (let j = 0; j < x.length; j++) row[j] = (row[j] as number) - gain * (spread[j] as number)
    }
  }

  predict(loftDeg: number): { mean: number; variance: number } {
    const { mean, variance } = this.at(loftDeg)
    return { mean, variance }
  }

  private at(loftDeg: number) {
    const u = loftDeg - CENTRE_DEG
    const x = [1, u, u * u]
    const spread = this.variance.map((row) => row.reduce((sum, v, j) => sum + v * (x[j] as number), 0))
    const mean = x.reduce((sum, each, i) => sum + each * (this.coefficients[i] as number), 0)
    return { x, spread, mean, variance: x.reduce((sum, each, i) => sum + each * (spread[i] as number), 0) }
  }
}

/** Lofts for the curve: the clubs' own where most are known, else even ones by place in the bag. */
type CurveLofts = { loftsDeg: number[]; byIndex: boolean }

/** Where under this share of the lofts is known, places in the bag say more. */
const KNOWN_SHARE = 0.6
/** A usual bag runs from 10.5° to 60°. */
const USUAL_DEG = { longest: 10.5, span: 49.5 }
const USUAL_LOFT_GAP_DEG = 4
/** A place in the bag says less than a loft: 3 yd more. */
export const BY_INDEX_VARIANCE_M2 = yards(3) ** 2

/**
 * The lofts that the curve is drawn over. An unknown loft among known ones is interpolated between its neighbours'.
 * @param clubs longest first, without the putter
 */
export function curveLofts(clubs: readonly Pick<Club, 'loftDeg'>[]): CurveLofts {
  const known = clubs.flatMap(({ loftDeg }, i) => (loftDeg === null ? [] : [{ i, loftDeg }]))
  if (known.length < KNOWN_SHARE * clubs.length || known.length === 0) {
    const gap = USUAL_DEG.span / Math.max(1, clubs.length - 1)
    return { byIndex: true, loftsDeg: clubs.map((_, i) => USUAL_DEG.longest + i * gap) }
  }
  const loftsDeg = clubs.map(({ loftDeg }, i) => {
    if (loftDeg !== null) return loftDeg
    const longer = known.findLast((each) => each.i < i)
    const shorter = known.find((each) => each.i > i)
    if (longer && shorter) {
      const along = (i - longer.i) / (shorter.i - longer.i)
      return longer.loftDeg + along * (shorter.loftDeg - longer.loftDeg)
    }
    const nearest = (longer ?? shorter) as { i: number; loftDeg: number }
    return nearest.loftDeg + USUAL_LOFT_GAP_DEG * (i - nearest.i)
  })
  return { byIndex: false, loftsDeg }
}
