import { MAD_TO_SD } from './misreads'
import { density } from '../math/normal'
import { median } from '../math/quantile'
import { robustLine } from '../math/robust-line'

/** One club's usual carry and ball speed, as logarithms. */
export type SpeedPoint = { logCarry: number; logSpeed: number }

/** The golfer's line of ball speed over carry, from club to club. */
export type SpeedLine = { slope: number; logSpeedAt0: number; sd: number }

/** With fewer clubs there is no line. */
const FEWEST_POINTS = 4
/** Two clubs nearer than this in carry say nothing of a slope. */
const APART = 0.02
/** Clubs are usually this far off the line, worth six clubs of evidence. */
const USUAL_SD = 0.015
const USUAL_WORTH = 6
/** A club can be off its line for reasons of its own: part of what is believed is three times as wide, and some lies everywhere. */
const BELIEF = { core: 0.85, wide: 0.15, wider: 3, floor: 1e-6 }

/**
 * A line through clubs' usual speeds that a club whose shots were all bad does not bend. Null with too few.
 */
export function speedLine(points: readonly SpeedPoint[]): SpeedLine | null {
  if (points.length < FEWEST_POINTS) return null
  const line = robustLine(
    points.map(({ logCarry, logSpeed }) => ({ x: logCarry, y: logSpeed })),
    APART,
  )
  if (!line) return null
  const { slope, at0: logSpeedAt0 } = line
  const off =
    MAD_TO_SD *
    median(points.map(({ logCarry, logSpeed }) => Math.abs(logSpeed - slope * logCarry - logSpeedAt0)))
  const n = points.length
  const sd = Math.sqrt((USUAL_WORTH * USUAL_SD ** 2 + n * off ** 2) / (USUAL_WORTH + n))
  return { slope, logSpeedAt0, sd }
}

/**
 * How likely a candidate stock with the ball speed that its shots imply is, by the line: bad strikes lose
 * carry and speed in another proportion than shorter clubs do.
 * @param ownSd standard deviation of the implied speed itself
 */
export function onLine(
  { slope, logSpeedAt0, sd }: SpeedLine,
  logCarry: number,
  logSpeed: number,
  ownSd: number,
): number {
  const away = logSpeed - (logSpeedAt0 + slope * logCarry)
  const both = Math.hypot(sd, ownSd)
  return BELIEF.core * density(away, both) + BELIEF.wide * density(away, BELIEF.wider * both) + BELIEF.floor
}
