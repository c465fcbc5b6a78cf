import { metresFrom, type HeightUnit } from '../units'

const LENGTH = /^([-−+]?)\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*(m|metres?|meters?|yd|yds|yards?|y|ft|feet|')?$/i
const UNIT: Record<string, HeightUnit> = { m: 'm', y: 'yd', f: 'ft', "'": 'ft' }

/**
 * Reads a length as it is typed, with its unit or without: `1450 m`, `4757 ft`, `129,5`.
 * @param unit what a bare number stands for
 * @returns metres; null for nothing, NaN for what is no length
 */
export function readLength(text: string, unit: HeightUnit): number | null {
  const trimmed = text.trim()
  if (trimmed === '') return null
  const match = LENGTH.exec(trimmed)
  if (!match) return NaN
  const [, sign, digits = '', suffix] = match
  const number = Number(digits.replace(',', '.')) * (sign === '-' || sign === '−' ? -1 : 1)
  return metresFrom(number, (suffix && UNIT[suffix.charAt(0).toLowerCase()]) || unit)
}

/**
 * Reads a number as it is typed, with a comma or a point.
 * @returns null for nothing, NaN for what is no number
 */
export function readNumber(text: string): number | null {
  const trimmed = text.trim().replace(',', '.').replace('−', '-')
  return trimmed === '' ? null : Number(trimmed)
}
