import { rootBetween } from '../math/root'
import { densityOf, viscosityOf, windShare } from './air'
import { type Air } from '../model/air'

/** How a ball leaves the club. */
export type Launch = {
  ballSpeedMps: number
  launchDeg: number
  spinRpm: number
  /** Start direction, positive to the right. */
  azimuthDeg?: number
  /** Tilt of the spin axis; positive curves to the right. */
  spinAxisDeg?: number
}

/** Where a ball is: down the target line, up, to the right, in metres. */
export type Vector = [number, number, number]

/** How a ball comes down. */
export type Landing = {
  velocity: Vector
  /** Backspin that is left, rad/s. */
  spinRps: number
}

export type FlightResult =
  | {
      outcome: 'landed'
      carryM: number
      peakM: number
      landingDeg: number
      timeS: number
      offlineM: number
      landing: Landing
      /** Integration steps. */
      steps: number
      path?: Vector[]
    }
  /** It never comes down at that height: the green is above its peak, or it goes nowhere. */
  | { outcome: 'does-not-land'; peakM: number; steps: number }

type FlightOptions = {
  /** Height of where it lands above where it was hit. */
  landingHeightM?: number
  /** The places that it flies through are wanted. */
  path?: boolean
  stepS?: number
  /** Ball and laws, for tests of scaling. */
  ball?: { massKg: number; decay: number }
  /** The two limits of the drag crisis, moved by this factor: how much hangs on them. */
  crisis?: number
}

/** The limits of the equipment rules of the governing bodies. */
export const BALL = { massKg: 0.04593, radiusM: 0.021335 } as const
const GRAVITY = 9.80665
const AREA = Math.PI * BALL.radiusM ** 2
const DECAY = 2.0e-5
/** At this step the landing errs by at most a few thousandths of a yard. */
const STEP_S = 0.25
const MOST_ITERATIONS = 400
const RADIAN = Math.PI / 180

/**
 * Drag of a spinning ball: rises with the spin ratio and flattens (form after Smits & Smith 1994), with the drag
 * crisis towards the plateau of a sphere (after Bearman & Harvey 1976). Fitted to ordinary launches from driver
 * to half wedge, of slow to fast golfers.
 */
export function dragOf(spinRatio: number, reynolds: number, crisis = 1): number {
  const s = Math.min(spinRatio, 0.7)
  const q = Math.min(1, Math.max(0, (reynolds / crisis - 3.5e4) / 3.5e4))
  return 0.18 + 0.71 * s - 0.515 * s * s + 0.14 * (1 - q * q * (3 - 2 * q))
}

/** Lift of a spinning ball, saturating in the spin ratio; fitted with the drag. */
export const liftOf = (spinRatio: number): number => spinRatio / (0.39 + 1.69 * spinRatio)

/** State: place, velocity, spin. Seven numbers in one array. */
type State = Float64Array<ArrayBuffer>
const empty = (): State => new Float64Array(7)
/** The hot loop allocates nothing: flights run one after the other, in the same few arrays. */
const WORK = {
  steps: [
    { from: empty(), to: empty(), slopeFrom: empty(), slopeTo: empty(), s: 0 },
    { from: empty(), to: empty(), slopeFrom: empty(), slopeTo: empty(), s: 0 },
  ] as const,
  stages: [empty(), empty(), empty()] as const,
}

/**
 * Flies a ball: point mass, drag and lift, spin that decays, wind; Runge-Kutta of the fourth order, the
 * landing and the peak found between two steps by Hermite interpolation. Says how it went.
 * Expect ±4% of carry, ±10% of peak and ±3° of landing angle on a real shot.
 */
export function fly(launch: Launch, air: Air, options: FlightOptions = {}): FlightResult {
  const { landingHeightM = 0, path: wanted = false, stepS = STEP_S } = options
  const laws = lawsOf(launch, air, options)
  let step: Step = WORK.steps[0]
  let spare: Step = WORK.steps[1]
  step.s = spare.s = stepS
  startAt(launch, step.from)
  const path: Vector[] = wanted ? [[0, 0, 0]] : []
  let peakM = 0
  slope(laws, step.from, step.slopeFrom)
  for (let steps = 1; steps <= MOST_ITERATIONS; steps++) {
    rungeKutta(laws, step)
    if (!Number.isFinite(step.to[HEIGHT])) return { outcome: 'does-not-land', peakM, steps }
    slope(laws, step.to, step.slopeTo)
    peakM = Math.max(peakM, peakIn(step))
    const share = landingIn(step, landingHeightM)
    if (share !== null) {
      const x = within(step, 0, share)
      const z = within(step, 2, share)
      const velocity: Vector = [within(step, 3, share), within(step, 4, share), within(step, 5, share)]
      if (wanted) path.push([x, landingHeightM, z])
      return {
        outcome: 'landed',
        carryM: x,
        peakM: Math.max(peakM, landingHeightM),
        landingDeg: Math.atan2(-velocity[1], Math.hypot(velocity[0], velocity[2])) / RADIAN,
        timeS: (steps - 1 + share) * stepS,
        offlineM: z,
        landing: { velocity, spinRps: within(step, 6, share) },
        steps,
        ...(wanted && { path }),
      }
    }
    if (wanted) path.push([step.to[0] as number, step.to[1] as number, step.to[2] as number])
    if ((step.to[1] as number) < Math.min(0, landingHeightM) - 1)
      return { outcome: 'does-not-land', peakM, steps }
    // The end of this step is the beginning of the next.
    spare.from = step.to
    spare.to = step.from
    spare.slopeFrom = step.slopeTo
    spare.slopeTo = step.slopeFrom
    ;[step, spare] = [spare, step]
  }
  return { outcome: 'does-not-land', peakM, steps: MOST_ITERATIONS }
}

function startAt({ ballSpeedMps: v, launchDeg, spinRpm, azimuthDeg = 0 }: Launch, state: State): void {
  const up = launchDeg * RADIAN
  const right = azimuthDeg * RADIAN
  state[0] = state[1] = state[2] = 0
  state[3] = v * Math.cos(up) * Math.cos(right)
  state[4] = v * Math.sin(up)
  state[5] = v * Math.cos(up) * Math.sin(right)
  state[6] = (spinRpm * 2 * Math.PI) / 60
}

/** The unit vector about which the ball spins, across its start direction; backspin lifts. */
function axisOf({ launchDeg, azimuthDeg = 0, spinAxisDeg = 0 }: Launch): Vector {
  const up = launchDeg * RADIAN
  const right = azimuthDeg * RADIAN
  const c = Math.cos(spinAxisDeg * RADIAN)
  const s = Math.sin(spinAxisDeg * RADIAN)
  return [
    -c * Math.sin(right) + s * Math.sin(up) * Math.cos(right),
    -s * Math.cos(up),
    c * Math.cos(right) + s * Math.sin(up) * Math.sin(right),
  ]
}

/** What does not change during a flight; flat, for the hot loop. */
type Laws = {
  /** Half the density times the area over the mass, 1/m. */
  force: number
  /** The same, negative for a ball that spins forward: its lift pulls down. */
  lifts: number
  reynoldsPerMps: number
  /** Share of its spin that a ball loses per metre of air. */
  fading: number
  axisX: number
  axisY: number
  axisZ: number
  tailwindMps: number
  crosswindMps: number
  windHeightM: number | undefined
  crisis: number
}

function lawsOf(launch: Launch, air: Air, { ball, crisis = 1 }: FlightOptions): Laws {
  const { massKg, decay } = ball ?? { massKg: BALL.massKg, decay: DECAY }
  const density = densityOf(air)
  const [axisX, axisY, axisZ] = axisOf(launch)
  const force = (0.5 * density * AREA) / massKg
  return {
    force,
    lifts: Math.sign(launch.spinRpm) * force,
    reynoldsPerMps: (density * 2 * BALL.radiusM) / viscosityOf(air),
    fading: (decay * (density / 1.2)) / BALL.radiusM,
    axisX,
    axisY,
    axisZ,
    tailwindMps: air.tailwindMps,
    crosswindMps: air.crosswindMps,
    windHeightM: air.windHeightM,
    crisis,
  }
}

const slope = (laws: Laws, state: State, into: State): void =>
  slopeAt(
    laws,
    state[1] as number,
    state[3] as number,
    state[4] as number,
    state[5] as number,
    state[6] as number,
    into,
  )

/** What changes in a second of a ball at this height with this velocity and spin: its place, velocity and spin. */
function slopeAt(
  laws: Laws,
  height: number,
  vx: number,
  vy: number,
  vz: number,
  spin: number,
  into: State,
): void {
  const { axisX, axisY, axisZ, windHeightM } = laws
  const blows = windHeightM === undefined ? 1 : windShare(height, windHeightM)
  const ux = vx - laws.tailwindMps * blows
  const uz = vz - laws.crosswindMps * blows
  const speed = Math.sqrt(ux * ux + vy * vy + uz * uz)
  const ratio = speed > 0 ? (BALL.radiusM * Math.abs(spin)) / speed : 0
  const drag = -laws.force * dragOf(ratio, laws.reynoldsPerMps * speed, laws.crisis) * speed
  const lift = laws.lifts * liftOf(ratio) * speed
  into[0] = vx
  into[1] = vy
  into[2] = vz
  into[3] = drag * ux + lift * (axisY * uz - axisZ * vy)
  into[4] = drag * vy + lift * (axisZ * ux - axisX * uz) - GRAVITY
  into[5] = drag * uz + lift * (axisX * vy - axisY * ux)
  into[6] = -laws.fading * speed * spin
}

/** One step of the flight: two states with their slopes, `s` seconds apart. */
type Step = { from: State; to: State; slopeFrom: State; slopeTo: State; s: number }

/** Runge and Kutta's step of the fourth order, written out: this replaces a loop over the seven numbers of each stage. */
function rungeKutta(laws: Laws, { from, to, slopeFrom: k1, s }: Step): void {
  const [k2, k3, k4] = WORK.stages
  stage(laws, from, k1, s / 2, k2)
  stage(laws, from, k2, s / 2, k3)
  stage(laws, from, k3, s, k4)
  const sixth = s / 6
  to[0] = sumOf(from, k1, k2, k3, k4, sixth, 0)
  to[1] = sumOf(from, k1, k2, k3, k4, sixth, 1)
  to[2] = sumOf(from, k1, k2, k3, k4, sixth, 2)
  to[3] = sumOf(from, k1, k2, k3, k4, sixth, 3)
  to[4] = sumOf(from, k1, k2, k3, k4, sixth, 4)
  to[5] = sumOf(from, k1, k2, k3, k4, sixth, 5)
  to[6] = sumOf(from, k1, k2, k3, k4, sixth, 6)
}

/** The slope where a stage of the step ends that goes along `k` for `s` seconds. */
const stage = (laws: Laws, from: State, k: State, s: number, into: State): void =>
  slopeAt(
    laws,
    (from[1] as number) + s * (k[1] as number),
    (from[3] as number) + s * (k[3] as number),
    (from[4] as number) + s * (k[4] as number),
    (from[5] as number) + s * (k[5] as number),
    (from[6] as number) + s * (k[6] as number),
    into,
  )

const sumOf = (from: State, k1: State, k2: State, k3: State, k4: State, sixth: number, i: number): number =>
  (from[i] as number) +
  sixth * ((k1[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number))

const HEIGHT = 1
const CLIMB = 4

/** Hermite's cubic of one number of the state, at a share of a step. */
function within({ from, to, slopeFrom, slopeTo, s }: Step, i: number, share: number): number {
  const s2 = share * share
  const s3 = s2 * share
  return (
    (2 * s3 - 3 * s2 + 1) * (from[i] as number) +
    (s3 - 2 * s2 + share) * s * (slopeFrom[i] as number) +
    (3 * s2 - 2 * s3) * (to[i] as number) +
    (s3 - s2) * s * (slopeTo[i] as number)
  )
}

/** A height or a climb counts as reached from so near on, m or m/s. */
const REACHED = 1e-13

/** The share of a step at which a number of the state falls through a level, between two shares that enclose it. */
const fallsThrough = (step: Step, i: number, level: number, low: number, high: number): number =>
  rootBetween((share) => within(step, i, share) - level, [low, high], REACHED)

const BISECTIONS = 16

/** The share of the step at which the ball comes down through a height; null where it does not. */
function landingIn(step: Step, heightM: number): number | null {
  if ((step.to[HEIGHT] as number) > heightM) return null
  // The last place above the height: the cubic may have risen through it first.
  let low = -1
  for (let i = 0; i < BISECTIONS; i++)
    if (within(step, HEIGHT, i / BISECTIONS) > heightM) low = i / BISECTIONS
  if (low < 0) {
    // A shot that starts at that height and comes down within the first look.
    if (!(step.from[HEIGHT] === heightM && (step.slopeFrom[HEIGHT] as number) > 0)) return null
    low = 1e-9
  }
  return fallsThrough(step, HEIGHT, heightM, low, Math.min(1, low + 1 / BISECTIONS))
}

/** The highest point of a step: where the climb ends, if it ends within. */
function peakIn(step: Step): number {
  if (!((step.from[CLIMB] as number) > 0 && (step.to[CLIMB] as number) <= 0))
    return Math.max(step.from[HEIGHT] as number, step.to[HEIGHT] as number)
  return within(step, HEIGHT, fallsThrough(step, CLIMB, 0, 0, 1))
}
