import type { Units } from '@/core/model/golfer'
import { lengthIn, speedIn, type LengthUnit } from '@/core/units'

const MINUS = '−'

/** A number with a fixed count of decimals and a true minus sign. */
export function fixed(value: number, digits: number): string {
  // A length that was typed as 5.5 yd comes back from metres as a hair less or more.
  const text = (Math.abs(value) + 1e-9).toFixed(digits)
  return value < 0 && Number(text) !== 0 ? MINUS + text : text
}

/** A length in the golfer's unit, without its name: 129 or, with one digit, 129.4. */
export const len = (metres: number, units: Units, digits = 0): string =>
  fixed(lengthIn(metres, units.lengthUnit), digits)

/** A length with its unit: 129 yd. */
export const lenUnit = (metres: number, units: Units, digits = 0): string =>
  `${len(metres, units, digits)} ${units.lengthUnit}`

/** A speed in the golfer's unit, without its name. */
export const speed = (mps: number, units: Units): string => fixed(speedIn(mps, units.speedUnit), 1)

/** A number with its interval. */
export type Between = { carryM?: number; lowM?: number; highM?: number }

/**
 * The interval of a number where there is little room: half its width, never shown as 0, or its two ends
 * where they do not lie alike about the number.
 */
export function aroundCell({ carryM, lowM, highM }: Between, units: Units): string {
  if (carryM === undefined || lowM === undefined || highM === undefined) return ''
  const [low, at, high] = [lowM, carryM, highM].map((metres) => lengthIn(metres, units.lengthUnit)) as [
    number,
    number,
    number,
  ]
  if (Math.abs(high - at - (at - low)) > LOPSIDED) return `${fixed(low, 0)}–${fixed(high, 0)}`
  const half = (high - low) / 2
  return half > 0 && half < 0.5 ? '<1' : fixed(half, 0)
}
/** Ends that differ by more than this in their distance from the number are named, not halved. */
const LOPSIDED = 1

/** The carry of a stock; behind ≈ where it is only expected. */
export const carryText = (
  { carryM, isExpected }: { carryM: number; isExpected?: true | undefined },
  units: Units,
  decimals = 0,
): string => `${isExpected ? '≈ ' : ''}${len(carryM, units, decimals)}`

/** The interval of a number, as it stands behind it: "± 3", or "160 to 166" where it is lopsided. */
export function around(between: Between, units: Units): string {
  const cell = aroundCell(between, units)
  return cell.includes('–') ? `(${cell.replace('–', ' to ')})` : cell === '' ? '' : `± ${cell}`
}

/** How far off line, with its side: 3 L. */
export function side(offlineM: number, units: Units): string {
  const far = len(Math.abs(offlineM), units)
  return far === '0' ? 'on line' : `${far} ${offlineM < 0 ? 'L' : 'R'}`
}

/** "1 yard", "12 yards": a length in whole units, spelt out. */
export function lengthWords(metres: number, units: Units): string {
  const text = len(metres, units)
  const unit = UNIT_NAME[units.lengthUnit]
  return `${text} ${text === '1' ? unit.slice(0, -1) : unit}`
}

export const UNIT_NAME: Record<LengthUnit, string> = { yd: 'yards', m: 'metres' }

export const percent = (share: number, digits = 0): string => `${fixed(share * 100, digits)}%`

/** "1 shot", "2 shots". */
export const count = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`

/** A probability: nothing is certain, so never 100%. */
export const chance = (p: number): string => (p > 0.995 ? 'over 99%' : p < 0.005 ? 'under 1%' : percent(p))

/** Minutes, as a golfer plans them: "52 min". */
export const minutes = (seconds: number): string => `${Math.max(1, Math.round(seconds / 60))} min`

/** How long ago something was: "40 minutes ago", "3 days ago". */
export function age(ms: number): string {
  const hours = ms / 3_600_000
  if (hours < 1) return `${count(Math.max(1, Math.round(hours * 60)), 'minute')} ago`
  return hours < 36
    ? `${count(Math.round(hours), 'hour')} ago`
    : `${count(Math.round(hours / 24), 'day')} ago`
}

/** "340 kB", "1.2 MB" */
export const fileSize = (bytes: number): string =>
  bytes < 1e6 ? `${Math.max(1, Math.round(bytes / 1e3))} kB` : `${fixed(bytes / 1e6, 1)} MB`

const IN_ENGLISH = new Intl.ListFormat('en-GB')
/** "a", "a and b", "a, b and c". */
export const listed = (parts: readonly string[]): string => IN_ENGLISH.format(parts)

/** A name at the head of a sentence. */
export const atHead = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1)
