import { phi } from '../math/normal'
import { yards } from '../units'

/** How two clubs do: how far apart, and how each lands and runs. Metres and degrees. */
export type Doing = { carryM: number; landingDeg?: number; runM?: number }

const NEAR = { leastM: yards(5), ofCarry: 0.03 }
const ALIKE = { landingDeg: 3, runM: yards(3) }
/** From this chance on two clubs do the same job, and from here on probably. */
export const SAME_JOB_FROM = { surely: 0.8, probably: 0.7 }

/**
 * The chance that two clubs do one job: within 5 yd, or 3% of the shorter; null where they land or run unlike, which is
 * another job at one number. What is not known of landing and run does not speak against it.
 * @param sdM standard deviation of what is known of their difference
 */
export function sameJob(a: Doing, b: Doing, sdM: number): number | null {
  const unlike = (x: number | undefined, y: number | undefined, most: number) =>
    x !== undefined && y !== undefined && Math.abs(x - y) > most
  if (unlike(a.landingDeg, b.landingDeg, ALIKE.landingDeg) || unlike(a.runM, b.runM, ALIKE.runM)) return null
  const within = Math.max(NEAR.leastM, NEAR.ofCarry * Math.min(a.carryM, b.carryM))
  const apart = Math.abs(a.carryM - b.carryM)
  return phi((within - apart) / sdM) - phi((-within - apart) / sdM)
}

/** What speaks for one of two clubs that do the same job, in the order in which it counts. */
export type Keeping = { spread?: number; landingDeg?: number; solidShare?: number; liking?: number }
export const KEPT_FOR = ['spread', 'landing', 'solid', 'liking'] as const

/** Which of two to keep, the first or the second, and what decides; null where nothing does. */
export function keepWhich(
  a: Keeping,
  b: Keeping,
): { keep: 0 | 1; because: (typeof KEPT_FOR)[number] } | null {
  const reasons: [(typeof KEPT_FOR)[number], number | undefined, number | undefined, number][] = [
    // Smaller spread by a fifth, two degrees steeper, a tenth more solid shots: less is chance.
    ['spread', a.spread && -Math.log(a.spread), b.spread && -Math.log(b.spread), 0.2],
    ['landing', a.landingDeg, b.landingDeg, 2],
    ['solid', a.solidShare, b.solidShare, 0.1],
    ['liking', a.liking, b.liking, 1],
  ]
  for (const [because, x, y, by] of reasons)
    if (x !== undefined && y !== undefined && Math.abs(x - y) >= by) return { keep: x > y ? 0 : 1, because }
  return null
}

/** Whether a full shot stays on a green, on normal ground (common practice). */
export type HoldsGreen = 'yes' | 'with-room' | 'no'
const HOLDS = { landingDeg: 45, runM: yards(8) }
const WITH_ROOM = { landingDeg: 40, runM: yards(14) }

/** Null where neither its landing nor its run is known. */
export function holdsGreen({ landingDeg, runM }: Omit<Doing, 'carryM'>): HoldsGreen | null {
  if (landingDeg === undefined && runM === undefined) return null
  if ((landingDeg ?? 0) >= HOLDS.landingDeg || (runM ?? Infinity) <= HOLDS.runM) return 'yes'
  if ((landingDeg ?? 90) < WITH_ROOM.landingDeg || (runM ?? 0) > WITH_ROOM.runM) return 'no'
  return 'with-room'
}
