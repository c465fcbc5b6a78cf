import { Z90 } from '../math/z90'
import { rootBetween } from '../math/root'
import { FULL_SWING, isWholeSwing, type Swing } from '../model/station'
import { pressureAt } from './air'
import { type Air } from '../model/air'
import { BALL, fly, type Launch } from './fly'

/** A club and how it is swung, as far as its usual launch hangs on them; a full swing of an iron unless said. */
export type UsualClub = { loftDeg: number; teed: boolean; wood?: boolean; swing?: Swing }
/** What is known of a shot besides its carry: its launch, or only the club. */
export type KnownFlight =
  | { kind: 'launch'; launch: Launch }
  /** Its usual launch, where it was found before. */
  | ({ kind: 'club'; launch?: Launch } & UsualClub)

export type Restating = {
  carryM: number
  known: KnownFlight
  from: Air
  to: Air
  /** Height of where it landed, and of where it is to land, above where it was hit. */
  fromHeightM?: number
  toHeightM?: number
  /** False: it was hit outdoors in a wind that nobody knows. */
  windKnown?: boolean
  /** What the drag crisis does to the change, where it was found before for all shots of its kind. */
  crisis?: CrisisShares
}

export type Restated =
  | {
      kind: 'restated'
      carryM: number
      /** One standard deviation of what the restating adds. */
      sdM: number
      /** The part of it that is this shot's own: all but where the drag crisis lies, which is one for the whole bag. */
      ownSdM: number
      launch: Launch
      /** The change is more than its own 90% interval: else it is perhaps nothing. */
      significant: boolean
    }
  | { kind: 'refused'; because: 'unknown-wind' | 'no-flight' }

/** Of the carry, one sigma: cautious rules of thumb for the law of drag, and for a launch that is not known. */
export const LAW = { per10C: 0.0035, per300M: 0.002, perMps: 0.0012 }
export const UNKNOWN_LAUNCH = { per10C: 0.003, per300M: 0.003, perMps: 0.0065, drivenDownwind: 0.004 }
/** The limits of the drag crisis are known to about so much; between them lie so many standard deviations. */
const CRISIS = { moved: [0.8, 1, 1.2], deviations: 3.3 } as const

/**
 * The carry that the same strike would have in other air. The ratio of two modelled flights is applied to the
 * measured carry, so that a biased level of drag and lift cancels; there and back gives the start. It always
 * estimates, since a number left as hit beside a restated one invents a step; what hangs on where the drag crisis
 * lies is in the ±.
 */
export function restate({
  carryM,
  known,
  from,
  to,
  fromHeightM = 0,
  toHeightM = 0,
  windKnown = true,
  crisis,
}: Restating): Restated {
  if (!windKnown) return { kind: 'refused', because: 'unknown-wind' }
  const launch = known.launch ?? (known.kind === 'club' ? launchFor(carryM, known, from, fromHeightM) : null)
  const change = launch && changeOf(carryM, launch, { from, to, fromHeightM, toHeightM }, 1)
  if (!launch || change === null) return { kind: 'refused', because: 'no-flight' }
  const ownSdM = carryM * rulesOfThumb(known, from, to)
  const sdM = Math.hypot(ownSdM, carryM * crisisSd(crisis ?? crisisShares(carryM, launch, from, to)))
  return {
    kind: 'restated',
    carryM: carryM + change,
    sdM,
    ownSdM,
    launch,
    significant: Math.abs(change) > Z90 * sdM,
  }
}

/** How much further a carry changes, as a share of it, with the drag crisis at each place where it may lie, than with it where it is thought to be. */
export type CrisisShares = readonly number[]
export const NO_CRISIS: CrisisShares = CRISIS.moved.map(() => 0)

/** What not knowing where the drag crisis lies does to a change: one number for each place. */
export function crisisShares(carryM: number, launch: Launch, from: Air, to: Air): CrisisShares {
  const changes = CRISIS.moved.map(
    (crisis) => changeOf(carryM, launch, { from, to, fromHeightM: 0, toHeightM: 0 }, crisis) ?? 0,
  )
  const thought = changes[CRISIS.moved.indexOf(1)] ?? 0
  return changes.map((change) => (change - thought) / carryM)
}

/** One standard deviation of what the crisis does, as a share of the carry. */
const crisisSd = (shares: CrisisShares): number =>
  (Math.max(...shares) - Math.min(...shares)) / CRISIS.deviations

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
/** The search for a speed that is fast enough goes up by this factor. */
const SPEEDS_APART = 1.4
const SOLVED_M = 1e-10

/** How clubs usually launch: degrees and spin ratio by loft (from memory of practice). */
const USUAL = {
  teed: () => ({ launchDeg: 12, spinRatio: 0.095 }),
  wood: (loftDeg: number) => ({ launchDeg: 4 + 0.43 * loftDeg, spinRatio: 0.035 + 0.007 * loftDeg }),
  iron: (loftDeg: number) => ({ launchDeg: 3.5 + 0.47 * loftDeg, spinRatio: 0.0105 * loftDeg - 0.05 }),
}
/** A shorter swing launches lower than the full one by this, and spins more for its speed (rule of thumb). */
const LOWER_DEG: Record<Swing, number> = { 'three-quarter': 1, half: 1.5 }
const LOWER_OTHERWISE_DEG = 1
const SPINS_MORE = 1.05
const LEAST = { launchDeg: 2, spinRatio: 0.02 }

/** A full swing's launch and spin ratio, as a shorter swing of the same club has them. */
export function shortened<T extends { launchDeg: number; spinRatio: number }>(full: T, swing: Swing): T {
  if (isWholeSwing(swing)) return full
  return {
    ...full,
    launchDeg: Math.max(LEAST.launchDeg, full.launchDeg - (LOWER_DEG[swing] ?? LOWER_OTHERWISE_DEG)),
    spinRatio: full.spinRatio * SPINS_MORE,
  }
}

/** The launch of a spin ratio at a ball speed. */
export const launchAt =
  ({ launchDeg, spinRatio }: { launchDeg: number; spinRatio: number }) =>
  (ballSpeedMps: number): Launch => ({
    ballSpeedMps,
    launchDeg,
    spinRpm: ((spinRatio * ballSpeedMps) / BALL.radiusM) * RPM,
  })

/** Launch angle and spin ratio that a club's swing usually has. */
export function usualLaunch({ loftDeg, teed, wood = false, swing = FULL_SWING }: UsualClub): {
  launchDeg: number
  spinRatio: number
} {
  const full = USUAL[teed ? 'teed' : wood ? 'wood' : 'iron'](loftDeg)
  return shortened({ ...full, spinRatio: Math.max(LEAST.spinRatio, full.spinRatio) }, swing)
}

/** The usual launch of a club that carries so far in that air; null where no ball speed does. */
export const launchFor = (carryM: number, club: UsualClub, air: Air, landingHeightM = 0): Launch | null =>
  launchThatCarries(carryM, launchAt(usualLaunch(club)), air, landingHeightM)

/** The launch of a kind that carries so far, by its ball speed; null where no ball speed does. */
export function launchThatCarries(
  carryM: number,
  at: (ballSpeedMps: number) => Launch,
  air: Air,
  landingHeightM = 0,
): Launch | null {
  const off = (speed: number) => (carryOf(at(speed), air, landingHeightM, 1) ?? -1e9) - carryM
  let [low, high]: [number, number] = [SPEEDS_MPS[0], SPEEDS_MPS[0]]
  let [offLow, offHigh] = [off(low), -Infinity]
  if (offLow > 0) return null
  // Upwards: far above what a lofted club needs, its ball balloons and falls short again.
  while (offHigh < 0) {
    if (high >= SPEEDS_MPS[1]) return null
    if (high > low) [low, offLow] = [high, offHigh]
    high = Math.min(SPEEDS_MPS[1], high * SPEEDS_APART)
    offHigh = off(high)
  }
  // Below where it lands at all there is nothing to draw a line through.
  while (offLow < -1e8) {
    const middle = (low + high) / 2
    const value = off(middle)
    if (value > 0) [high, offHigh] = [middle, value]
    else [low, offLow] = [middle, value]
  }
  return at(rootBetween(off, [low, high], SOLVED_M, offLow, offHigh))
}

/** One standard deviation of a change, as a share of the carry, by what air differs. */
function rulesOfThumb(known: KnownFlight, from: Air, to: Air): number {
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
  return Math.hypot(...parts)
}
