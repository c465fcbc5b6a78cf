import { densityOf, viscosityOf, windShare, type Air } from './air'

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
export type Place = [number, number, number]

/** How a ball comes down. */
export type Landing = {
  velocity: Place
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
      path?: Place[]
    }
  /** It never comes down at that height: the green is above its peak, or it goes nowhere. */
  | { outcome: 'does-not-land'; peakM: number; steps: number }

export type FlightOptions = {
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
const MOST_STEPS = 400
const RADIAN = Math.PI / 180

/**
 * Drag of a spinning ball: linear in the spin ratio (after Smits & Smith 1994), with the drag crisis towards
 * the plateau of a sphere (after Bearman & Harvey 1976). Fitted to ordinary launch figures.
 */
export function dragOf(spinRatio: number, reynolds: number, crisis = 1): number {
  const q = Math.min(1, Math.max(0, (reynolds / crisis - 4e4) / 3.5e4))
  return 0.22 + 0.22 * spinRatio + 0.28 * (1 - q * q * (3 - 2 * q))
}

/** Lift of a spinning ball, saturating in the spin ratio. */
export const liftOf = (spinRatio: number): number => spinRatio / (0.32 + 2.5 * spinRatio)

/** State: place, velocity, spin. Seven numbers in one array: the hot loop allocates nothing. */
type State = Float64Array<ArrayBuffer>

/**
 * Flies a ball: point mass, drag and lift, spin that decays, wind; Runge-Kutta of the fourth order, the
 * landing and the peak found between two steps by Hermite interpolation. Says how it went.
 * Expect ±4% of carry, ±10% of peak and ±3° of landing angle on a real shot.
 */
export function fly(launch: Launch, air: Air, options: FlightOptions = {}): FlightResult {
  const {
    landingHeightM = 0,
    path: wanted = false,
    stepS = STEP_S,
    ball = { massKg: BALL.massKg, decay: DECAY },
    crisis = 1,
  } = options
  const slope = slopeOf(launch, air, ball, crisis)
  let now = startOf(launch)
  let next = new Float64Array(7)
  let here = new Float64Array(7)
  let there = new Float64Array(7)
  const work = [new Float64Array(7), new Float64Array(7), new Float64Array(7), new Float64Array(7)] as const
  const path: Place[] = [[0, 0, 0]]
  let peakM = 0
  slope(now, here)
  for (let step = 1; step <= MOST_STEPS; step++) {
    rungeKutta(now, here, next, stepS, slope, work)
    slope(next, there)
    peakM = Math.max(peakM, peakBetween(now, next, here, there, stepS))
    const share = landingBetween(now, next, here, there, stepS, landingHeightM)
    if (share !== null) {
      const end = between(now, next, here, there, stepS, share)
      const [x, y, z, vx, vy, vz, spin] = end as unknown as [
        number,
        number,
        number,
        number,
        number,
        number,
        number,
      ]
      if (wanted) path.push([x, y, z])
      return {
        outcome: 'landed',
        carryM: x,
        peakM: Math.max(peakM, landingHeightM),
        landingDeg: Math.atan2(-vy, Math.hypot(vx, vz)) / RADIAN,
        timeS: (step - 1 + share) * stepS,
        offlineM: z,
        landing: { velocity: [vx, vy, vz], spinRps: spin },
        steps: step,
        ...(wanted && { path }),
      }
    }
    if (wanted) path.push([next[0] as number, next[1] as number, next[2] as number])
    if ((next[1] as number) < Math.min(0, landingHeightM) - 1)
      return { outcome: 'does-not-land', peakM, steps: step }
    ;[now, next] = [next, now]
    ;[here, there] = [there, here]
  }
  return { outcome: 'does-not-land', peakM, steps: MOST_STEPS }
}

function startOf({ ballSpeedMps: v, launchDeg, spinRpm, azimuthDeg = 0 }: Launch): State {
  const [up, right] = [launchDeg * RADIAN, azimuthDeg * RADIAN]
  return Float64Array.of(
    0,
    0,
    0,
    v * Math.cos(up) * Math.cos(right),
    v * Math.sin(up),
    v * Math.cos(up) * Math.sin(right),
    (spinRpm * 2 * Math.PI) / 60,
  )
}

/** The unit vector about which the ball spins, across its start direction; backspin lifts. */
function axisOf({ launchDeg, azimuthDeg = 0, spinAxisDeg = 0 }: Launch): Place {
  const [up, right, tilt] = [launchDeg * RADIAN, azimuthDeg * RADIAN, spinAxisDeg * RADIAN]
  const [c, s] = [Math.cos(tilt), Math.sin(tilt)]
  return [
    -c * Math.sin(right) + s * Math.sin(up) * Math.cos(right),
    -s * Math.cos(up),
    c * Math.cos(right) + s * Math.sin(up) * Math.sin(right),
  ]
}

type Slope = (state: State, into: State) => void

function slopeOf(
  launch: Launch,
  air: Air,
  { massKg, decay }: { massKg: number; decay: number },
  crisis: number,
): Slope {
  const density = densityOf(air)
  const reynoldsPerMps = (density * 2 * BALL.radiusM) / viscosityOf(air)
  const force = (0.5 * density * AREA) / massKg
  const fading = (decay * (density / 1.2)) / BALL.radiusM
  const [ax, ay, az] = axisOf(launch)
  const { tailwindMps, crosswindMps, windHeightM } = air
  return (state, into) => {
    const blows = windHeightM === undefined ? 1 : windShare(state[1] as number, windHeightM)
    const [vx, vy, vz, spin] = [
      state[3] as number,
      state[4] as number,
      state[5] as number,
      state[6] as number,
    ]
    const ux = vx - tailwindMps * blows
    const uz = vz - crosswindMps * blows
    const speed = Math.sqrt(ux * ux + vy * vy + uz * uz)
    const ratio = speed > 0 ? (BALL.radiusM * Math.abs(spin)) / speed : 0
    const drag = -force * dragOf(ratio, reynoldsPerMps * speed, crisis) * speed
    const lift = Math.sign(spin) * force * liftOf(ratio) * speed
    into[0] = vx
    into[1] = vy
    into[2] = vz
    into[3] = drag * ux + lift * (ay * uz - az * vy)
    into[4] = drag * vy + lift * (az * ux - ax * uz) - GRAVITY
    into[5] = drag * uz + lift * (ax * vy - ay * ux)
    into[6] = -fading * speed * spin
  }
}

/** One step; written out without allocation in place of a loop over stages with array methods. */
function rungeKutta(
  from: State,
  slopeHere: State,
  to: State,
  h: number,
  slope: Slope,
  [middle, k2, k3, k4]: readonly [State, State, State, State],
): void {
  for (let i = 0; i < 7; i++) middle[i] = (from[i] as number) + (h / 2) * (slopeHere[i] as number)
  slope(middle, k2)
  for (let i = 0; i < 7; i++) middle[i] = (from[i] as number) + (h / 2) * (k2[i] as number)
  slope(middle, k3)
  for (let i = 0; i < 7; i++) middle[i] = (from[i] as number) + h * (k3[i] as number)
  slope(middle, k4)
  for (let i = 0; i < 7; i++)
    to[i] =
      (from[i] as number) +
      (h / 6) * ((slopeHere[i] as number) + 2 * (k2[i] as number) + 2 * (k3[i] as number) + (k4[i] as number))
}

/** Hermite's cubic through two values with their slopes, at share `s` of a step `h`. */
function hermite(a: number, b: number, da: number, db: number, h: number, s: number): number {
  const [s2, s3] = [s * s, s * s * s]
  return (2 * s3 - 3 * s2 + 1) * a + (s3 - 2 * s2 + s) * h * da + (3 * s2 - 2 * s3) * b + (s3 - s2) * h * db
}

const between = (now: State, next: State, here: State, there: State, h: number, s: number): State =>
  now.map((value, i) => hermite(value, next[i] as number, here[i] as number, there[i] as number, h, s))

/** The share of the step at which the ball comes down through a height; null where it does not. */
function landingBetween(
  now: State,
  next: State,
  here: State,
  there: State,
  h: number,
  heightM: number,
): number | null {
  const y = (s: number) =>
    hermite(now[1] as number, next[1] as number, here[1] as number, there[1] as number, h, s) - heightM
  if (y(1) > 0) return null
  // The last place above the height, then halving: the cubic may have risen through it first.
  let low = -1
  for (let i = 0; i < 16; i++) if (y(i / 16) > 0) low = i / 16
  if (low < 0) {
    // A shot that starts at that height and comes down within one sixteenth of a step.
    if (!(now[1] === heightM && (here[1] as number) > 0)) return null
    low = 1e-9
  }
  let high = Math.min(1, low + 1 / 16 + 1e-12)
  if (y(high) > 0) return null
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2
    if (y(middle) > 0) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** The highest point of a step: where the climb ends, if it ends within. */
function peakBetween(now: State, next: State, here: State, there: State, h: number): number {
  const climb = (s: number) =>
    hermite(now[4] as number, next[4] as number, here[4] as number, there[4] as number, h, s)
  if (!(climb(0) > 0 && climb(1) <= 0)) return Math.max(now[1] as number, next[1] as number)
  let [low, high] = [0, 1]
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2
    if (climb(middle) > 0) low = middle
    else high = middle
  }
  return hermite(now[1] as number, next[1] as number, here[1] as number, there[1] as number, h, low)
}
