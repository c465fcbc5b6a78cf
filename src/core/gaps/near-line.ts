import { yards } from '../units'
import type { Zones } from './zones'

/** A limit that a step lies at. */
export type Line = { limitM: number; withinM: number; probability: number }

/** "On the line at 15, give or take 3" can be established; "14 to 16" cannot. */
const WITHIN = { leastM: yards(3), ofCarry: 0.02 }
/** A step is on the line from this probability on. */
export const ON_THE_LINE_FROM = 0.8

/** How near to a limit a step must be to lie on it, by the shorter stock. */
export const lineWidth = (shorterM: number): number => Math.max(WITHIN.leastM, WITHIN.ofCarry * shorterM)

/** The likeliest of its limits for a step to lie at, from what share of it lies below a distance; null when it lies at none. */
export function nearLine(below: (limitM: number) => number, zones: Zones, shorterM: number): Line | null {
  const withinM = lineWidth(shorterM)
  const best = [zones.reversed, zones.narrow, zones.wide]
    .map((limitM) => ({ limitM, withinM, probability: below(limitM + withinM) - below(limitM - withinM) }))
    .reduce((a, b) => (b.probability > a.probability ? b : a))
  return best.probability >= ON_THE_LINE_FROM ? best : null
}
