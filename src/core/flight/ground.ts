import { BALL, type Landing } from './fly'

export const TURFS = ['soft', 'normal', 'firm'] as const
export type Turf = (typeof TURFS)[number]

/** How far the turf gives way under a ball, and how it slows a rolling one. Fitted to runs of drivers. */
const TURF: Record<Turf, { gives: number; rolls: number }> = {
  soft: { gives: 1.2, rolls: 0.3 },
  normal: { gives: 0.8, rolls: 0.28 },
  firm: { gives: 0.6, rolls: 0.22 },
}
const GRAVITY = 9.80665
const RADIAN = Math.PI / 180
const FRICTION = 0.4
/** What a bounce takes from a ball that already rolls, as a share of what the turf's rolling friction would. */
const ROLLING_LOSS = 0.15
/** A ball that comes up slower than this bounces no more. */
const ROLLS_BELOW_MPS = 0.6
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
    const off = bounceOff(along, down, rim, gives, rolls)
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

/**
 * The run on a ground. A measured one goes first, and the model only carries it over from normal ground: onward runs
 * by their ratio, so that none turns back, backward ones by their difference.
 * @param measuredM the run as measured; null where it was not
 */
export function runOn(turf: Turf, landing: Landing, measuredM: number | null): number {
  const there = runOf(landing, turf)
  if (measuredM === null) return there
  const normal = runOf(landing, 'normal')
  const onward = measuredM > 0 && normal > 0 && there > 0
  return onward ? measuredM * (there / normal) : measuredM + there - normal
}

/** One bounce: speeds along the ground and up after it, and the backspin left at the ball's rim, in m/s. */
function bounceOff(along: number, down: number, rim: number, gives: number, rolls: number) {
  const speed = Math.hypot(along, down)
  // The plane of incidence looks along the ball's way: backward bounces tilt the turf the other way.
  const way = along < 0 ? -1 : 1
  const incidence = Math.atan2(Math.abs(along), down)
  const tilt =
    way * Math.min(0.9 * incidence, gives * 15.4 * RADIAN * (speed / 18.6) * (incidence / (44.4 * RADIAN)))
  const [c, s] = [Math.cos(tilt), Math.sin(tilt)]
  const tangent = along * c - down * s
  const normal = along * s + down * c
  const restitution = normal > 20 ? 0.12 : 0.51 - 0.0375 * normal + 0.000903 * normal * normal
  const slip = tangent + rim
  const least = ROLLING_LOSS * rolls * (1 + restitution) * normal
  const impulse = Math.sign(slip) * Math.min(Math.abs(slip) * (2 / 7), FRICTION * (1 + restitution) * normal)
  // Even a ball that already rolls loses what the turf takes from a rolling one.
  const lost = tangent > 0 ? Math.max(impulse, Math.min(least, tangent)) : impulse
  const tangentAfter = tangent - lost
  const up = restitution * normal
  return {
    along: tangentAfter * c - up * s,
    up: tangentAfter * s + up * c,
    rim: rim - 2.5 * impulse,
  }
}
