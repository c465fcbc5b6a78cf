import { yards } from '../units'
import type { Zones } from '../model/gap-rule'

/** A limit that a gap lies at. */
export type LimitNear = { limitM: number; withinM: number; probability: number }

/** "On the line at 15, give or take 3" can be established; "14 to 16" cannot. */
const WITHIN = { leastM: yards(3), ofCarry: 0.02 }

/** How near to a limit a gap must be to lie on it, by the shorter stock. */
export const lineWidth = (shorterM: number): number => Math.max(WITHIN.leastM, WITHIN.ofCarry * shorterM)

/**
 * The likeliest limit of its zones for a gap to lie at, from what share of it lies below a distance; null
 * when it lies at none.
 * @param from how sure that must be
 */
export function nearLine(
  below: (limitM: number) => number,
  { tooClose, tooWide }: Zones,
  shorterM: number,
  from: number,
): LimitNear | null {
  const [atNarrow, atWide] = [near(below, tooClose, shorterM), near(below, tooWide, shorterM)]
  const best = atWide.probability > atNarrow.probability ? atWide : atNarrow
  return best.probability >= from ? best : null
}

/** Two clubs that carry the same: the gap is about 0; null when it is not. */
export function sameDistance(
  below: (limitM: number) => number,
  shorterM: number,
  from: number,
): LimitNear | null {
  const level = near(below, 0, shorterM)
  return level.probability >= from ? level : null
}

function near(below: (limitM: number) => number, limitM: number, shorterM: number): LimitNear {
  const withinM = lineWidth(shorterM)
  return { limitM, withinM, probability: below(limitM + withinM) - below(limitM - withinM) }
}
