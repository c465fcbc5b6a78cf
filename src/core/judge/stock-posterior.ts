import { markedWeight, type ShotReading } from './reading'
import { StrikeLikelihood, type ShotDeviations, type ShotTerms } from './strike-likelihood'
import { onLine, yAt, type ClubLine } from './club-line'
import type { Lines } from './lines-of-bag'
import { density } from '../math/normal'
import { posteriorOf, supportOf, type Posterior } from './posterior'
import { weightedMean, type Spread } from './spread'

/** What is believed of a stock before its own shots: normal, in metres. */
export type Prior = { carryM: number; varianceM2: number }

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
export const PARTIAL_SPREAD = 1.08

const COARSE_POINTS = 35
const FINE_POINTS = 51
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

type StationEvidence = {
  readings: readonly ShotReading[]
  weights: Float64Array
  /** Misreads and shots of another club: they say nothing of this stock. */
  excluded: ReadonlySet<number>
  /** By how this golfer's shots scatter. */
  likelihood: StrikeLikelihood
  prior: Prior | null
  /** What the golfer's other clubs say of ball speed and launch at a carry. */
  lines: Lines
  partial: boolean
}

/**
 * The posterior of a stock from its shots, each of them good or missed in one of several ways.
 * @param near where an earlier pass found the stock: the grid is then fine
 * @returns null where no shot says anything
 */
export function stockPosterior(evidence: StationEvidence, near: Posterior | null): JudgedStation | null {
  const shots = evidence.readings.filter(
    (reading) => markedWeight(reading) !== 0 && !evidence.excluded.has(reading.index),
  )
  if (shots.length === 0) return null
  const [low, high] = near ? supportOf(near, LEFT_OUT_MASS) : wideRange(shots, evidence)
  const points = near ? FINE_POINTS : COARSE_POINTS
  return onGrid(evidence, shots, low, Math.max(1e-6, high - low) / (points - 1), points)
}

function wideRange(
  shots: readonly ShotReading[],
  { likelihood: { spread }, prior }: StationEvidence,
): [number, number] {
  const carries = shots.map(({ logCarry }) => Math.exp(logCarry))
  const low = Math.min(...carries) * (1 - 3 * spread.carry)
  const high = Math.max(...carries) * (1.06 + 3 * spread.carry)
  if (!prior) return [low, high]
  const sd = Math.sqrt(prior.varianceM2)
  return [Math.max(1, Math.min(low, prior.carryM - 2 * sd)), Math.max(high, prior.carryM + 2 * sd)]
}

function onGrid(
  { readings, weights, excluded, likelihood, prior, lines, partial }: StationEvidence,
  shots: readonly ShotReading[],
  fromM: number,
  everyM: number,
  points: number,
): JudgedStation {
  const { spread } = likelihood
  const sds = Float64Array.from(NODES, ({ factor }) => factor * spread.carry * (partial ? PARTIAL_SPREAD : 1))
  const usual = usualStrike(shots, weights, spread, lines)
  const termsOf = (reading: ShotReading) => likelihood.terms(againstUsual(reading, usual, spread))

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
  const atStock = { sum: 0, total: 0 }
  // Drawn to the line of the golfer's other clubs, the centre finds the missed ones where none of them is good.
  const byLine = lines.speed ? (spread.speed ** 2 * (1 - spread.correlation ** 2)) / lines.speed.sd ** 2 : 0
  for (let j = 0; j < points; j++) {
    const carryM = fromM + j * everyM
    const logStock = Math.log(carryM)
    speedCentre(likelihood, logCarry, logSpeed, logStock, atStock)
    const own = atStock.total > 0 ? atStock.sum / atStock.total : 0
    const centre =
      byLine > 0 && lines.speed && atStock.total > 0
        ? (atStock.sum + byLine * yAt(lines.speed, logStock)) / (atStock.total + byLine)
        : own
    centres[j] = centre
    const logPrior =
      (prior === null ? 0 : Math.log(priorDensity(prior, carryM))) +
      (lines.speed === null || speeds === 0
        ? 0
        : Math.log(onLine(lines.speed, { x: logStock, y: own }, centreSd)))
    for (let k = 0; k < nodes; k++) logMass[j * nodes + k] = logPrior + (NODE_LOG_WEIGHTS[k] as number)
    products.fill(1)
    for (let i = 0; i < n; i++) {
      const term = terms[i] as ShotTerms
      const r = (logCarry[i] as number) - logStock
      const speed = logSpeed[i] as number
      const spoken = speed > NO_SPEED
      const e = speed - centre
      const g = spoken ? likelihood.goodGivenCarry(term, r, e) : likelihood.goodWithoutSpeed(term)
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
  const found = new Map(
    shots.map((shot, i) => [shot.index, tempered(probability[i] as number, shot, n, spread)]),
  )

  const nearest = Math.min(points - 1, Math.max(0, Math.round((posterior.meanM - fromM) / everyM)))
  const centre = centres[nearest] as number
  // The golfer left these out: they move nothing, but what they look like is said all the same.
  for (const reading of readings) {
    if (markedWeight(reading) !== 0 || excluded.has(reading.index)) continue
    const term = termsOf(reading)
    const r = reading.logCarry - Math.log(posterior.meanM)
    const e = reading.logSpeed === null ? null : reading.logSpeed - centre
    const sd = Math.hypot(sds[MIDDLE_NODE] as number, Math.sqrt(posterior.varianceM2) / posterior.meanM)
    const likelihoodOf =
      e === null ? likelihood.goodWithoutSpeed(term) : likelihood.goodGivenCarry(term, r, e)
    const g = likelihoodOf * density(r, sd)
    const m = e === null ? likelihood.missedWithoutSpeed(term, r) : likelihood.missed(term, r, e)
    found.set(reading.index, tempered(g / (g + m), reading, n, spread))
  }
  const anySpeed = shots.some((shot) => shot.logSpeed !== null)
  return {
    posterior,
    good: found,
    centre: { logSpeed: anySpeed ? centre : null, logLaunch: usual.logLaunch },
  }
}

/** A station's usual strike, as logarithms; null where not measured. */
type UsualStrike = {
  logLaunch: number | null
  logSmash: number | null
  /** Of the shots whose smash is known. */
  logSpeed: number | null
}

function usualStrike(
  shots: readonly ShotReading[],
  weights: Float64Array,
  spread: Spread,
  lines: Lines,
): UsualStrike {
  const weightOf = ({ index }: ShotReading) => weights[index] as number
  return {
    logLaunch: launchCentre(shots, weightOf, spread, lines.launch),
    logSmash: weightedMean(shots, weightOf, ({ logSmash }) => logSmash),
    logSpeed: weightedMean(shots, weightOf, ({ logSpeed, logSmash }) =>
      logSmash === null ? null : logSpeed,
    ),
  }
}

/** The launch of the station's good shots, drawn to the golfer's other clubs: where all were thin it is the line that shows it. */
function launchCentre(
  shots: readonly ShotReading[],
  weightOf: (reading: ShotReading) => number,
  { launch: sd }: Spread,
  line: ClubLine | null,
): number | null {
  const own = weightedMean(shots, weightOf, ({ logLaunch }) => logLaunch)
  if (own === null || line === null) return own
  const measured = shots.filter(({ logLaunch }) => logLaunch !== null)
  const weight = measured.reduce((sum, each) => sum + weightOf(each), 0)
  const logCarry = weightedMean(measured, weightOf, (each) => each.logCarry) as number
  const byLine = (sd / line.sd) ** 2
  return (weight * own + byLine * yAt(line, Math.exp(logCarry))) / (weight + byLine)
}

function againstUsual(
  { logLaunch, logSmash, logSpeed, lateral }: ShotReading,
  usual: UsualStrike,
  { lateralMean }: Spread,
): ShotDeviations {
  const known = logSmash !== null && logSpeed !== null && usual.logSmash !== null && usual.logSpeed !== null
  return {
    launch: logLaunch === null || usual.logLaunch === null ? null : logLaunch - usual.logLaunch,
    lateral: lateral === null ? null : lateral - lateralMean,
    smash: known
      ? { smash: logSmash - (usual.logSmash as number), speed: logSpeed - (usual.logSpeed as number) }
      : null,
  }
}

/**
 * Speed, launch, line and smash are no independent witnesses of one strike, and the middle of few shots is itself not
 * known: what they say together is too sure of itself. Drawn to the middle by what a trial on seeded simulated
 * golfers found, more so with few shots of a station; carry alone needs none of it.
 */
const TEMPER = { good: 4.5, goodBySmash: 3, missed: 0.4, shotsTogether: 2 }

function tempered(p: number, { logSpeed }: ShotReading, shots: number, { smash }: Spread): number {
  if (logSpeed === null) return p
  const down = (TEMPER.good + (smash ? TEMPER.goodBySmash : 0)) / (shots + TEMPER.shotsTogether)
  return Math.min(1, Math.max(0, p + p * (1 - p) * (TEMPER.missed * (1 - p) - down * p)))
}

/** The ball speed that good shots of the candidate stock have: of these shots, by how good their carry makes them. */
function speedCentre(
  likelihood: StrikeLikelihood,
  logCarry: Float64Array,
  logSpeed: Float64Array,
  logStock: number,
  into: { sum: number; total: number },
): void {
  const { speedPerCarry } = likelihood.spread
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
  into.sum = sum
  into.total = total
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
