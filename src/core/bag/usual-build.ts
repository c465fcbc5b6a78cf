import type { ClubBuild } from './club-build'
import { INCH_M } from '../units'
import type { ClubKind } from './club'

const quarters = (inches: number): number => Math.round(inches * 4) / 4

/** Usual length in inches by loft (from memory of common practice). */
const USUAL_INCHES: Record<ClubKind, (loftDeg: number) => number> = {
  driver: () => 45.5,
  wood: (loft) => 43 - (loft - 15) / 3,
  hybrid: (loft) => 40 - (loft - 22) / 6,
  iron: (loft) => 37 - (loft - 32) / 8,
  wedge: (loft) => 35.75 - (loft - 46) * 0.05,
  putter: () => 34,
}

/** Usual bounce of an iron or a wedge by loft (from memory of common practice): most on a sand wedge. */
function usualBounceDeg(kind: ClubKind, loftDeg: number): number | null {
  if (kind === 'iron') return loftDeg < 30 ? 4 : loftDeg < 38 ? 5 : 6
  if (kind !== 'wedge') return null
  return loftDeg <= 48 ? 7 : loftDeg <= 53 ? 9 : loftDeg <= 57 ? 11 : 9
}

/** What a club of a kind and loft usually is, where nobody measured it: it says so. */
export function usualBuild(kind: ClubKind, loftDeg: number): ClubBuild {
  const bounceDeg = usualBounceDeg(kind, loftDeg)
  return {
    lengthM: quarters(USUAL_INCHES[kind](loftDeg)) * INCH_M,
    ...(bounceDeg !== null && { bounceDeg }),
    usual: true,
  }
}
