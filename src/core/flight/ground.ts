import { type Turf } from '../model/turf'
import { yards } from '../units'
import { BALL, type Landing } from './fly'

/** How far the turf gives way under a ball, and how it slows a rolling one. Fitted to runs from driver to half wedge. */
const TURF: Record<Turf, { gives: number; rolls: number }> = {
  soft: { gives: 1.24, rolls: 0.34 },
  normal: { gives: 0.86, rolls: 0.32 },
  firm: { gives: 0.66, rolls: 0.28 },
}
const GRAVITY = 9.80665
const RADIAN = Math.PI / 180
const FRICTION = 0.45
/** A ball that comes up slower than this bounces no more. */
const ROLLS_BELOW_MPS = 1
const MOST_BOUNCES = 40

/**
 * The run of a ball from where it lands to where it lies, positive onward; backspin may bring it back. Bounces
 * after Penner 2002 (The run of a golf ball): the turf tilts back under the ball, which slips or rolls off it.
 * Worth ±35%: a measured run always wins.
 */
export function runOf({ velocity: [vx, vy, vz], spinRps }: Landing, turf: Turf): number {
  const { gives, rolls } = TURF[turf]
  let along = Math.hypot(vx, vz)
  let down = -vy
  let rim = BALL.radiusM * spinRps
  let run = 0
  for (let bounce = 0; bounce < MOST_BOUNCES; bounce++) {
    const off = bounceOff(along, down, rim, gives)
    along = off.along
    rim = off.rim
    if (off.up < ROLLS_BELOW_MPS) break
    run += (along * 2 * off.up) / GRAVITY
    down = off.up
  }
  // A ball that still slips takes up the rolling before it slows down: 5/7 of its own way, 2/7 of its spin's.
  const rolling = (5 / 7) * along - (2 / 7) * rim
  return run + (Math.sign(rolling) * rolling * rolling) / (2 * (5 / 7) * rolls * GRAVITY)
}

/** What another ground does to a measured run: the model's ratio between these; a run too short to have one takes a usual share. */
const CARRIED_OVER = {
  least: 0.1,
  most: 2.2,
  shortM: yards(1),
  short: { soft: 0.25, normal: 1, firm: 1.7 },
  backward: { soft: 1, normal: 1, firm: 0.5 },
} as const
/** A ball comes back no further than this, or this share of its carry. */
const COMES_BACK = { atMostM: yards(1), ofCarry: 0.025 }

/**
 * The run on a ground. A measured one, which is that of normal ground, goes first, and the model only carries it
 * over: an onward run by the ratio of the modelled ones, so that none turns back.
 * @param measuredM the run as measured; null where it was not
 * @param carryM what the shot carried: no run comes back further than a small share of it
 */
export function runOn(turf: Turf, landing: Landing, measuredM: number | null, carryM: number): number {
  return noFurtherBack(carriedOver(turf, landing, measuredM), carryM)
}

/** A run that comes back no further than any ball does. */
export const noFurtherBack = (runM: number, carryM: number): number =>
  Math.max(runM, -Math.max(COMES_BACK.atMostM, COMES_BACK.ofCarry * carryM))

function carriedOver(turf: Turf, landing: Landing, measuredM: number | null): number {
  const { least, most, shortM, short, backward } = CARRIED_OVER
  if (measuredM === null) return runOf(landing, turf)
  if (measuredM < 0) return measuredM * backward[turf]
  const normal = runOf(landing, 'normal')
  const ratio = normal > shortM ? Math.min(most, Math.max(least, runOf(landing, turf) / normal)) : short[turf]
  return measuredM * ratio
}

/** One bounce: speeds along the ground and up after it, and the backspin left at the ball's rim, in m/s. */
function bounceOff(along: number, down: number, rim: number, gives: number) {
  const speed = Math.hypot(along, down)
  // The plane of incidence looks along the ball's way: backward bounces tilt the turf the other way.
  const direction = along < 0 ? -1 : 1
  const incidence = Math.atan2(Math.abs(along), down)
  const tilt =
    direction *
    Math.min(0.9 * incidence, gives * 15.4 * RADIAN * (speed / 18.6) * (incidence / (44.4 * RADIAN)))
  const [c, s] = [Math.cos(tilt), Math.sin(tilt)]
  const tangent = along * c - down * s
  const normal = along * s + down * c
  const restitution = normal > 20 ? 0.12 : 0.51 - 0.0375 * normal + 0.000903 * normal * normal
  const slip = tangent + rim
  const impulse = Math.sign(slip) * Math.min(Math.abs(slip) * (2 / 7), FRICTION * (1 + restitution) * normal)
  // Turf gives way behind a ball that spins forward faster than it goes: it is not driven on.
  const tangentAfter = tangent - (tangent > 0 ? Math.max(impulse, 0) : impulse)
  const up = restitution * normal
  return {
    along: tangentAfter * c - up * s,
    up: tangentAfter * s + up * c,
    rim: rim - 2.5 * impulse,
  }
}
