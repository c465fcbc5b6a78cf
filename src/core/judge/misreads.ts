import { contradicts } from './contradictions'
import { median } from '../math/quantile'
import type { ShotReading } from './reading'

/** Below this many shots with a speed no line can be drawn. */
const FEWEST_SHOTS = 6
/** Ball speed grows with carry to about this power, whatever the club and the strike. */
const POWERS = [0.4, 0.45, 0.5, 0.55, 0.6, 0.65, 0.7, 0.75, 0.8]
/** A reading is off the line from 11% on, at the latest from 20%, else from 4.5 robust deviations. */
const OFF = { least: 0.11, most: 0.2, deviations: 4.5 }
/** The MAD of a normal sample times this is its standard deviation. */
export const MAD_TO_SD = 1.4826
/** Where more are off than this, the line does not hold for this monitor. */
const MOST_OFF = 0.2

/**
 * Finds, over the whole bag, the readings whose numbers cannot belong to one ball: those that contradict
 * themselves, and those whose speed and carry do not go together. A bad strike moves both, a misread only one. Essential: a bad speed alone moves a stock by 10 to 15%.
 * @returns the places of the misreads; the golfer's marks are not looked at
 */
export function findMisreads(readings: readonly ShotReading[]): Set<number> {
  const measured = readings.flatMap(({ index, logCarry, logSpeed }) =>
    logSpeed === null ? [] : [{ index, logCarry, logSpeed }],
  )
  const few = measured.length < FEWEST_SHOTS
  const impossible = unlessMany(
    readings.filter((reading) => contradicts(reading, few)),
    few ? 2 * MOST_OFF * readings.length : MOST_OFF * readings.length,
  )
  if (few) return impossible
  const fits = POWERS.map((power) => {
    const rest = measured.map(({ logCarry, logSpeed }) => logSpeed - power * logCarry)
    const centre = median(rest)
    const off = rest.map((each) => Math.abs(each - centre))
    return { off, mad: median(off) }
  })
  const { off, mad } = fits.reduce((best, fit) => (fit.mad < best.mad ? fit : best))
  const limit = Math.max(OFF.least, Math.min(OFF.most, OFF.deviations * MAD_TO_SD * mad))
  const offLine = unlessMany(
    measured.filter((_, i) => (off[i] as number) > limit),
    MOST_OFF * measured.length,
  )
  return new Set([...impossible, ...offLine])
}

/** Where most readings look wrong it is the rule that does not hold for this monitor. */
const unlessMany = (found: readonly { index: number }[], most: number): Set<number> =>
  new Set(found.length > most ? [] : found.map(({ index }) => index))
