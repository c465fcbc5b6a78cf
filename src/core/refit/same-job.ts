import { phi } from '../math/normal'
import { yards } from '../units'

/** How two clubs do: how far apart, and how each lands and runs. Metres and degrees. */
type ClubUse = { carryM: number; landingDeg?: number; runM?: number }

const NEAR = { leastM: yards(5), ofCarry: 0.03 }
const ALIKE = { landingDeg: 3, runM: yards(3) }
/** From this chance on two clubs do the same job, and from here on probably. */
export const SAME_JOB_FROM = { surely: 0.8, probably: 0.7 }

/**
 * The chance that two clubs do one job: within 5 yd, or 3% of the shorter; null where they land or run unlike, which is
 * another job at one number. What is not known of landing and run does not speak against it.
 * @param sdM standard deviation of what is known of their difference
 */
export function sameJob(a: ClubUse, b: ClubUse, sdM: number): number | null {
  const unlike = (x: number | undefined, y: number | undefined, most: number) =>
    x !== undefined && y !== undefined && Math.abs(x - y) > most
  if (unlike(a.landingDeg, b.landingDeg, ALIKE.landingDeg) || unlike(a.runM, b.runM, ALIKE.runM)) return null
  const within = Math.max(NEAR.leastM, NEAR.ofCarry * Math.min(a.carryM, b.carryM))
  const difference = Math.abs(a.carryM - b.carryM)
  return phi((within - difference) / sdM) - phi((-within - difference) / sdM)
}

/** What speaks for one of two clubs that do the same job, in the order in which it counts. */
type Keeping = {
  /** Standard deviation of its good shots as a share of the carry, and how many they are. */
  spread?: number
  count?: number
  landingDeg?: number
  solidShare?: number
  liking?: number
  loftDeg?: number | null
  isHybrid?: boolean
}
export type KeptFor = 'spread' | 'landing' | 'solid' | 'liking' | 'easier'

/** A difference of spreads counts from this chance on that it is real. */
const REAL_FROM = 0.9
const MORE = { landingDeg: 2, solidShare: 0.1, liking: 1, loftDeg: 1 }

/** Which of two to keep, the first or the second, and what decides; null where nothing does. */
export function keepWhich(a: Keeping, b: Keeping): { keep: 0 | 1; because: KeptFor } | null {
  const by = (because: KeptFor, more: number | null, from: number) =>
    more === null || Math.abs(more) < from ? null : { keep: more > 0 ? (0 as const) : (1 as const), because }
  const over = (x: number | null | undefined, y: number | null | undefined) =>
    x == null || y == null ? null : x - y
  return (
    smallerSpread(a, b) ??
    by('landing', over(a.landingDeg, b.landingDeg), MORE.landingDeg) ??
    by('solid', over(a.solidShare, b.solidShare), MORE.solidShare) ??
    by('liking', over(a.liking, b.liking), MORE.liking) ??
    by('easier', over(a.loftDeg, b.loftDeg), MORE.loftDeg) ??
    by('easier', Number(a.isHybrid ?? false) - Number(b.isHybrid ?? false), 1)
  )
}

/** The one whose shots scatter less, where that is likely real: the log of a standard deviation of n shots is known to 1/√(2(n−1)). */
function smallerSpread(a: Keeping, b: Keeping): { keep: 0 | 1; because: KeptFor } | null {
  if (!a.spread || !b.spread || (a.count ?? 0) < 3 || (b.count ?? 0) < 3) return null
  const sd = Math.sqrt(1 / (2 * ((a.count as number) - 1)) + 1 / (2 * ((b.count as number) - 1)))
  const chance = phi(Math.log(b.spread / a.spread) / sd)
  if (chance >= REAL_FROM) return { keep: 0, because: 'spread' }
  return chance <= 1 - REAL_FROM ? { keep: 1, because: 'spread' } : null
}

/** Whether a full shot stays on a green, on normal ground (common practice). */
type HoldingGreen = 'yes' | 'with-room' | 'no'
const HOLDING = { landingDeg: 45, runM: yards(8) }
const WITH_ROOM = { landingDeg: 40, runM: yards(14) }

/** Null where neither its landing nor its run is known. */
export function isHeldByGreen({ landingDeg, runM }: Omit<ClubUse, 'carryM'>): HoldingGreen | null {
  if (landingDeg === undefined && runM === undefined) return null
  if ((landingDeg ?? 0) >= HOLDING.landingDeg || (runM ?? Infinity) <= HOLDING.runM) return 'yes'
  if ((landingDeg ?? 90) < WITH_ROOM.landingDeg || (runM ?? 0) > WITH_ROOM.runM) return 'no'
  return 'with-room'
}
