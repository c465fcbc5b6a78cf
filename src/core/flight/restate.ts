import { pressureAt, type Air } from './air'
import { BALL, fly, type Launch } from './fly'

/** What is known of a shot besides its carry: its launch, or only the club. */
export type Known = { kind: 'launch'; launch: Launch } | { kind: 'club'; loftDeg: number; teed: boolean }

export type Restating = {
  carryM: number
  known: Known
  from: Air
  to: Air
  /** Height of where it landed, and of where it is to land, above where it was hit. */
  fromHeightM?: number
  toHeightM?: number
  /** False: it was hit outdoors in a wind that nobody knows. */
  windKnown?: boolean
  /** True: whether the change has a sign was looked at before, for all shots of its kind. */
  signKnown?: boolean
}

export type Restated =
  | {
      kind: 'restated'
      carryM: number
      /** One standard deviation of what the restating adds. */
      sdM: number
      launch: Launch
      /** The change is smaller than its own 90% interval. */
      significant: boolean
    }
  | { kind: 'refused'; because: 'unknown-wind' | 'sign-open' | 'no-flight' }

/** Of the carry, one sigma: cautious rules of thumb for the law of drag, and for a launch that is not known. */
const LAW = { per10C: 0.0035, per300M: 0.002, perMps: 0.0012 }
const UNKNOWN_LAUNCH = { per10C: 0.003, per300M: 0.003, perMps: 0.0065, drivenDownwind: 0.004 }
const NINETY = 1.645
/** The limits of the drag crisis are known to about so much. */
const CRISIS = [0.8, 1.2] as const
/** From this share of the carry on a change has a sign. */
const NO_CHANGE = 1e-9

/**
 * The carry that the same strike would have in other air. The ratio of two modelled flights is applied to the
 * measured carry, so that a biased level of drag and lift cancels; there and back gives the start.
 * A strike whose change hangs on where the drag crisis lies is refused.
 */
export function restate({
  carryM,
  known,
  from,
  to,
  fromHeightM = 0,
  toHeightM = 0,
  windKnown = true,
  signKnown = false,
}: Restating): Restated {
  if (!windKnown) return { kind: 'refused', because: 'unknown-wind' }
  const launch = known.kind === 'launch' ? known.launch : launchFor(carryM, known, from, fromHeightM)
  const change = launch && changeOf(carryM, launch, { from, to, fromHeightM, toHeightM }, 1)
  if (!launch || change === null) return { kind: 'refused', because: 'no-flight' }
  if (!signKnown && isSignOpen(carryM, launch, from, to)) return { kind: 'refused', because: 'sign-open' }
  const sdM = sdOf(carryM, known, from, to)
  return {
    kind: 'restated',
    carryM: carryM + change,
    sdM,
    launch,
    significant: Math.abs(change) > NINETY * sdM,
  }
}

/** Whether other air makes a strike longer or shorter hangs on where the drag crisis lies. */
export function isSignOpen(carryM: number, launch: Launch, from: Air, to: Air): boolean {
  const signs = CRISIS.map((crisis) => {
    const change = changeOf(carryM, launch, { from, to, fromHeightM: 0, toHeightM: 0 }, crisis)
    return change === null || Math.abs(change) < NO_CHANGE * carryM ? 0 : Math.sign(change)
  })
  return signs.includes(1) && signs.includes(-1)
}

type Between = Required<Pick<Restating, 'from' | 'to' | 'fromHeightM' | 'toHeightM'>>

function changeOf(
  carryM: number,
  launch: Launch,
  { from, to, fromHeightM, toHeightM }: Between,
  crisis: number,
): number | null {
  const level = { from: carryOf(launch, from, 0, crisis), to: carryOf(launch, to, 0, crisis) }
  const high = {
    from: fromHeightM === 0 ? level.from : carryOf(launch, from, fromHeightM, crisis),
    to: toHeightM === 0 ? level.to : carryOf(launch, to, toHeightM, crisis),
  }
  if (level.from === null || level.to === null || high.from === null || high.to === null || level.from <= 0)
    return null
  // Brought to level in the first air, by the ratio into the second, and to the other height there.
  const levelM = carryM - (high.from - level.from)
  return levelM * (level.to / level.from) + (high.to - level.to) - carryM
}

function carryOf(launch: Launch, air: Air, landingHeightM: number, crisis: number): number | null {
  const flight = fly(launch, air, { landingHeightM, crisis })
  return flight.outcome === 'landed' ? flight.carryM : null
}

const RPM = 60 / (2 * Math.PI)
/** No ball leaves a club slower or faster. */
const SPEEDS_MPS = [2, 110] as const
const SOLVED_M = 1e-10

/** The usual launch of a club that carries so far in that air; null where no ball speed does. */
export function launchFor(
  carryM: number,
  { loftDeg, teed }: { loftDeg: number; teed: boolean },
  air: Air,
  landingHeightM = 0,
): Launch | null {
  const launchDeg = teed ? 12 : 4 + 0.43 * loftDeg
  const spinRatio = teed ? 0.095 : Math.max(0.02, 0.0105 * loftDeg - 0.05)
  const at = (ballSpeedMps: number): Launch => ({
    ballSpeedMps,
    launchDeg,
    spinRpm: ((spinRatio * ballSpeedMps) / BALL.radiusM) * RPM,
  })
  return launchThatCarries(carryM, at, air, landingHeightM)
}

/** The launch of a kind that carries so far, by its ball speed; null where no ball speed does. */
export function launchThatCarries(
  carryM: number,
  at: (ballSpeedMps: number) => Launch,
  air: Air,
  landingHeightM = 0,
): Launch | null {
  const off = (speed: number) => (carryOf(at(speed), air, landingHeightM, 1) ?? -1e9) - carryM
  let [low, high] = SPEEDS_MPS as unknown as [number, number]
  if (off(low) > 0 || off(high) < 0) return null
  let [offLow, offHigh] = [off(low), off(high)]
  // Regula falsi after Illinois, which halves the weight of an end that stays.
  for (let i = 0; i < 100; i++) {
    const middle = offLow < -1e8 ? (low + high) / 2 : low - (offLow * (high - low)) / (offHigh - offLow)
    const value = off(middle)
    if (Math.abs(value) < SOLVED_M || high - low < 1e-13) return at(middle)
    if (value > 0) {
      ;[high, offHigh] = [middle, value]
      offLow /= offLow < -1e8 ? 1 : 2
    } else {
      ;[low, offLow] = [middle, value]
      offHigh /= 2
    }
  }
  return at((low + high) / 2)
}

function sdOf(carryM: number, known: Known, from: Air, to: Air): number {
  const tens = Math.abs(to.tempC - from.tempC) / 10
  const altitude = ({ pressureHpa }: Air) =>
    (288.15 / 0.0065) * (1 - (pressureHpa / pressureAt(0)) ** (1 / 5.25588))
  const hundreds3 = Math.abs(altitude(to) - altitude(from)) / 300
  const wind = Math.hypot(to.tailwindMps - from.tailwindMps, to.crosswindMps - from.crosswindMps)
  const downwind = known.kind === 'club' && known.teed && to.tailwindMps > from.tailwindMps
  const parts = [LAW.per10C * tens, LAW.per300M * hundreds3, LAW.perMps * wind]
  if (known.kind === 'club')
    parts.push(
      UNKNOWN_LAUNCH.per10C * tens,
      UNKNOWN_LAUNCH.per300M * hundreds3,
      (downwind ? UNKNOWN_LAUNCH.drivenDownwind : UNKNOWN_LAUNCH.perMps) * wind,
    )
  return carryM * Math.hypot(...parts)
}
