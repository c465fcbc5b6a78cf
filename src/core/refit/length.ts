import type { ClubKind } from '../bag/club'
import { INCH_M, yards } from '../units'

/** What half an inch more carries (from memory of fitting practice): ball speed +0.8%, of which poorer strikes take some back. */
export const HALF_INCH_M: Record<Exclude<ClubKind, 'putter'>, number> = {
  driver: yards(2.3),
  wood: yards(1.9),
  hybrid: yards(1.6),
  iron: yards(1.3),
  wedge: yards(1),
}
/** A wood that is cut for control loses this share of its carry an inch (from memory). */
const CUT_WOOD_SHARE = 0.02

/** What a club carries more when it is longer by so much, in metres; negative for shorter. Known to half of it. */
export function carryByLength(kind: ClubKind, carryM: number, longerM: number): number {
  if (kind === 'putter') return 0
  const inches = longerM / INCH_M
  return inches < 0 && (kind === 'driver' || kind === 'wood')
    ? CUT_WOOD_SHARE * carryM * inches
    : 2 * inches * HALF_INCH_M[kind]
}
