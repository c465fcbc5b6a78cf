import { density } from '../math/normal'
import { median } from '../math/quantile'
import { robustLine } from '../math/robust-line'
import { MAD_TO_SD } from './misreads'

/** One club's usual place: something of it over its carry. */
export type ClubPoint = { x: number; y: number }

/** A line from club to club that one club whose shots were all bad does not bend. */
export type ClubLine = { slope: number; at0: number; sd: number }

/**
 * What is drawn over what. Bad strikes lose carry and speed in another proportion than shorter clubs do, and leave the
 * line; a thin one starts lower than any club that carries so far.
 */
export type LineKind = {
  /** Two clubs nearer than this in x say nothing of a slope. */
  usualGap: number
  /** Clubs are usually this far off the line, worth six clubs of evidence. */
  usualSd: number
}
/** Logarithm of ball speed over the logarithm of carry. */
export const SPEED_OVER_CARRY: LineKind = { usualGap: 0.02, usualSd: 0.015 }
/** Logarithm of launch over carry in metres. */
export const LAUNCH_OVER_CARRY: LineKind = { usualGap: 5, usualSd: 0.07 }

/** With fewer clubs there is no line. */
const FEWEST_POINTS = 4
const USUAL_WORTH = 6
/** A club can be off its line for reasons of its own: part of what is believed is three times as wide, and some lies everywhere. */
const BELIEF = { core: 0.85, wide: 0.15, wider: 3, floor: 1e-6 }

/** The line through the golfer's clubs, by the median of all slopes. Null with too few. */
export function clubLine(points: readonly ClubPoint[], { usualGap, usualSd }: LineKind): ClubLine | null {
  if (points.length < FEWEST_POINTS) return null
  const line = robustLine(points, usualGap)
  if (!line) return null
  const { slope, at0 } = line
  const off = MAD_TO_SD * median(points.map(({ x, y }) => Math.abs(y - slope * x - at0)))
  const n = points.length
  return { slope, at0, sd: Math.sqrt((USUAL_WORTH * usualSd ** 2 + n * off ** 2) / (USUAL_WORTH + n)) }
}

/** What the line says at a place. */
export const yAt = ({ slope, at0 }: ClubLine, x: number): number => at0 + slope * x

/**
 * How likely a club is where it would stand, by the line.
 * @param ownSd standard deviation of what is known of the club itself
 */
export function onLine(line: ClubLine, { x, y }: ClubPoint, ownSd: number): number {
  const away = y - yAt(line, x)
  const both = Math.hypot(line.sd, ownSd)
  return BELIEF.core * density(away, both) + BELIEF.wide * density(away, BELIEF.wider * both) + BELIEF.floor
}
