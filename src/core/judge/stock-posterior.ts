import { markedWeight, type Reading } from './reading'
import { StrikeLikelihood, type ShotTerms } from './strike-likelihood'
import { density } from '../math/normal'
import { onLine, type SpeedLine } from './speed-line'
import { weightedMean, type Spread } from './spread'

/** What is believed of a stock before its own shots: normal, in metres. */
export type Prior = { carryM: number; varianceM2: number }

/** A stock as a distribution over an even grid of carries. */
export type Posterior = {
  /** First carry of the grid and the distance between two, in metres. */
  fromM: number
  everyM: number
  /** Probability at each carry, and up to and including it. */
  mass: Float64Array
  below: Float64Array
  meanM: number
  varianceM2: number
}

export type JudgedStation = {
  posterior: Posterior
  /** Probability that each shot is good, by the place of its reading. */
  good: Map<number, number>
  /** The station's usual ball speed and launch, as logarithms; null where not measured. */
  centre: { logSpeed: number | null; logLaunch: number | null }
}

/**
 * The spread of this station may differ from the pooled one: five factors with normal weights, a moderated
 * variance in the spirit of Smyth 2004. A trial found 1.04 and 0.25 to make the intervals hold.
 */
const NODES = [-1.6, -0.8, 0, 0.8, 1.6].map((z) => ({
  factor: 1.04 * Math.exp(0.25 * z),
  logWeight: -(z ** 2) / 2,
}))
const NODE_LOG_WEIGHTS = Float64Array.from(NODES, ({ logWeight }) => logWeight)
const MIDDLE_NODE = 2
/** Partial swings scatter a little more. */
const PARTIAL_SPREAD = 1.08

const COARSE_POINTS = 41
const FINE_POINTS = 61
/** The fine grid leaves out at most this. */
const LEFT_OUT_MASS = 1e-5
/** A prior can be wrong: part of it is wider, and some lies everywhere. */
const PRIOR = { core: 0.95, wide: 0.05, wider: 6, floor: 1e-7 }
const SOLID_FLOOR = 1e-12
/** Stands for a ball speed that was not measured, in arrays of logarithms. */
const NO_SPEED = -1e3
const NEGLIGIBLE = 1e-7
/** Likelihoods of so many shots are multiplied before a logarithm is taken: within what a double holds. */
const BATCH = 12

export type StationEvidence = {
  readings: readonly Reading[]
  weights: Float64Array
  /** Misreads and shots of another club: they say nothing of this stock. */
  apart: ReadonlySet<number>
  spread: Spread
  prior: Prior | null
  /** The line of ball speed over carry through the golfer's other clubs; null where there is none. */
  line: SpeedLine | null
  partial: boolean
}

/**
 * The posterior of a stock from its shots, each of them good or missed in one of several ways.
 * @param near where an earlier pass found the stock: the grid is then fine
 * @returns null where no shot says anything
 */
export function stockPosterior(evidence: StationEvidence, near: Posterior | null): JudgedStation | null {
  const shots = evidence.readings.filter(
    (reading) => markedWeight(reading) !== 0 && !evidence.apart.has(reading.index),
  )
  if (shots.length === 0) return null
  const [low, high] = near ? support(near) : wideRange(shots, evidence)
  const points = near ? FINE_POINTS : COARSE_POINTS
  return onGrid(evidence, shots, low, Math.max(1e-6, high - low) / (points - 1), points)
}

function wideRange(shots: readonly Reading[], { spread, prior }: StationEvidence): [number, number] {
  const carries = shots.map(({ logCarry }) => Math.exp(logCarry))
  const low = Math.min(...carries) * (1 - 3 * spread.carry)
  const high = Math.max(...carries) * (1.06 + 3 * spread.carry)
  if (!prior) return [low, high]
  const sd = Math.sqrt(prior.varianceM2)
  return [Math.max(1, Math.min(low, prior.carryM - 2 * sd)), Math.max(high, prior.carryM + 2 * sd)]
}

/** Where all but a little of an earlier posterior lies, with a point to spare on each side. */
function support({ fromM, everyM, mass, below }: Posterior): [number, number] {
  let first = 0
  let last = mass.length - 1
  while (first < last && (below[first] as number) < LEFT_OUT_MASS / 2) first++
  while (last > first && 1 - (below[last - 1] as number) < LEFT_OUT_MASS / 2) last--
  return [Math.max(1, fromM + (first - 1) * everyM), fromM + (last + 1) * everyM]
}

function onGrid(
  { readings, weights, apart, spread, prior, line, partial }: StationEvidence,
  shots: readonly Reading[],
  fromM: number,
  everyM: number,
  points: number,
): JudgedStation {
  const likelihood = new StrikeLikelihood(spread)
  const sds = Float64Array.from(NODES, ({ factor }) => factor * spread.carry * (partial ? PARTIAL_SPREAD : 1))
  const weightOf = ({ index }: Reading) => weights[index] as number
  const logLaunch = weightedMean(shots, weightOf, (shot) => shot.logLaunch)
  const termsOf = ({ logLaunch: launch, lateral }: Reading) =>
    likelihood.terms(
      launch === null || logLaunch === null ? null : launch - logLaunch,
      lateral === null ? null : lateral - spread.lateralMean,
    )

  // Hot: (points × shots × nodes) twice a bag. Flat arrays, and no object or function made inside.
  const n = shots.length
  const nodes = sds.length
  const terms = shots.map(termsOf)
  const logCarry = Float64Array.from(shots, (shot) => shot.logCarry)
  const logSpeed = Float64Array.from(shots, (shot) => shot.logSpeed ?? NO_SPEED)
  const speeds = logSpeed.reduce((sum, each) => sum + Number(each > NO_SPEED), 0)
  const centreSd = spread.speed * Math.sqrt((1 - spread.correlation ** 2) / Math.max(1, speeds))
  const solid = Uint8Array.from(shots, (shot) => (markedWeight(shot) === 1 ? 1 : 0))
  const logMass = new Float64Array(points * nodes)
  const centres = new Float64Array(points)
  const good = new Float64Array(points * n)
  const missed = new Float64Array(points * n)
  const products = new Float64Array(nodes)
  for (let j = 0; j < points; j++) {
    const carryM = fromM + j * everyM
    const logStock = Math.log(carryM)
    const centre = speedCentre(likelihood, spread.speedPerCarry, logCarry, logSpeed, logStock)
    centres[j] = centre
    const logPrior =
      (prior === null ? 0 : Math.log(priorDensity(prior, carryM))) +
      (line === null || speeds === 0 ? 0 : Math.log(onLine(line, logStock, centre, centreSd)))
    for (let k = 0; k < nodes; k++) logMass[j * nodes + k] = logPrior + (NODE_LOG_WEIGHTS[k] as number)
    products.fill(1)
    for (let i = 0; i < n; i++) {
      const term = terms[i] as ShotTerms
      const r = (logCarry[i] as number) - logStock
      const speed = logSpeed[i] as number
      const spoken = speed > NO_SPEED
      const e = speed - centre
      const g = spoken ? likelihood.goodBesideCarry(term, r, e) : likelihood.goodWithoutSpeed(term)
      const m = solid[i]
        ? SOLID_FLOOR
        : spoken
          ? likelihood.missed(term, r, e)
          : likelihood.missedWithoutSpeed(term, r)
      good[j * n + i] = g
      missed[j * n + i] = m
      for (let k = 0; k < nodes; k++) {
        products[k] = (products[k] as number) * (g * density(r, sds[k] as number) + m)
      }
      if (i % BATCH === BATCH - 1 || i === n - 1) {
        for (let k = 0; k < nodes; k++) {
          const at = j * nodes + k
          logMass[at] = (logMass[at] as number) + Math.log(products[k] as number)
        }
        products.fill(1)
      }
    }
  }
  const joint = normalised(logMass)
  const posterior = posteriorOf(joint, nodes, fromM, everyM)

  const probability = new Float64Array(n)
  for (let at = 0; at < joint.length; at++) {
    const p = joint[at] as number
    if (p < NEGLIGIBLE) continue
    const j = (at / nodes) | 0
    const logStock = Math.log(fromM + j * everyM)
    const sd = sds[at % nodes] as number
    for (let i = 0; i < n; i++) {
      const g = (good[j * n + i] as number) * density((logCarry[i] as number) - logStock, sd)
      probability[i] = (probability[i] as number) + (p * g) / (g + (missed[j * n + i] as number))
    }
  }
  const found = new Map(shots.map(({ index }, i) => [index, probability[i] as number]))

  const nearest = Math.min(points - 1, Math.max(0, Math.round((posterior.meanM - fromM) / everyM)))
  const centre = centres[nearest] as number
  // The golfer left these out: they move nothing, but what they look like is said all the same.
  for (const reading of readings) {
    if (markedWeight(reading) !== 0 || apart.has(reading.index)) continue
    const term = termsOf(reading)
    const r = reading.logCarry - Math.log(posterior.meanM)
    const e = reading.logSpeed === null ? null : reading.logSpeed - centre
    const sd = Math.hypot(sds[MIDDLE_NODE] as number, Math.sqrt(posterior.varianceM2) / posterior.meanM)
    const beside = e === null ? likelihood.goodWithoutSpeed(term) : likelihood.goodBesideCarry(term, r, e)
    const g = beside * density(r, sd)
    const m = e === null ? likelihood.missedWithoutSpeed(term, r) : likelihood.missed(term, r, e)
    found.set(reading.index, g / (g + m))
  }
  const anySpeed = shots.some((shot) => shot.logSpeed !== null)
  return { posterior, good: found, centre: { logSpeed: anySpeed ? centre : null, logLaunch } }
}

/** The ball speed that good shots of the candidate stock have: of these shots, by how good their carry makes them. */
function speedCentre(
  likelihood: StrikeLikelihood,
  speedPerCarry: number,
  logCarry: Float64Array,
  logSpeed: Float64Array,
  logStock: number,
): number {
  let sum = 0
  let total = 0
  for (let i = 0; i < logCarry.length; i++) {
    const speed = logSpeed[i] as number
    if (speed === NO_SPEED) continue
    const r = (logCarry[i] as number) - logStock
    const weight = likelihood.goodByCarry(r) + SOLID_FLOOR
    sum += weight * (speed - speedPerCarry * r)
    total += weight
  }
  return total > 0 ? sum / total : 0
}

function priorDensity({ carryM, varianceM2 }: Prior, at: number): number {
  const sd = Math.sqrt(varianceM2)
  const away = at - carryM
  return (
    PRIOR.core * density(away, sd) + PRIOR.wide * density(away, sd * Math.sqrt(PRIOR.wider)) + PRIOR.floor
  )
}

function normalised(logMass: Float64Array): Float64Array {
  let most = -Infinity
  for (const each of logMass) if (each > most) most = each
  let total = 0
  for (let i = 0; i < logMass.length; i++) total += logMass[i] = Math.exp((logMass[i] as number) - most)
  for (let i = 0; i < logMass.length; i++) logMass[i] = (logMass[i] as number) / total
  return logMass
}

function posteriorOf(joint: Float64Array, nodes: number, fromM: number, everyM: number): Posterior {
  const points = joint.length / nodes
  const mass = new Float64Array(points)
  const below = new Float64Array(points)
  let meanM = 0
  let total = 0
  for (let j = 0; j < points; j++) {
    for (let k = 0; k < nodes; k++) mass[j] = (mass[j] as number) + (joint[j * nodes + k] as number)
    total += mass[j] as number
    below[j] = total
    meanM += (mass[j] as number) * (fromM + j * everyM)
  }
  let varianceM2 = 0
  for (let j = 0; j < points; j++) varianceM2 += (mass[j] as number) * (fromM + j * everyM - meanM) ** 2
  return { fromM, everyM, mass, below, meanM, varianceM2 }
}

/** Probability that a stock lies below a carry; the mass of each grid point is even over its cell. */
export function belowIn({ fromM, everyM, mass, below }: Posterior, carryM: number): number {
  const at = (carryM - fromM) / everyM + 0.5
  if (at <= 0) return 0
  const i = Math.floor(at)
  if (i >= mass.length) return 1
  return (below[i] as number) - (mass[i] as number) * (1 - (at - i))
}

/** The carry below which a stock lies with probability `p`. */
export function stockAt({ fromM, everyM, mass, below }: Posterior, p: number): number {
  let i = 0
  while (i < mass.length - 1 && (below[i] as number) < p) i++
  const here = mass[i] as number
  const within = here > 0 ? (p - ((below[i] as number) - here)) / here : 0.5
  return fromM + (i - 0.5 + Math.min(1, Math.max(0, within))) * everyM
}
