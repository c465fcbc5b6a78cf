import type { Golfer } from '@/core/model/golfer'
import { readLength, readNumber } from '@/core/shots/typed-length'
import { celsiusFrom, lengthIn, metresFrom, mpsFrom, speedIn, tempIn, type HeightUnit } from '@/core/units'

/** How a canonical number is shown and typed: 19.3 °C as 66.7 °F. */
export type Measure = {
  unit: string
  digits: number
  to: (canonical: number) => number
  from: (typed: number) => number
}

/** A number that is kept as it is typed. */
export const plain = (unit: string, digits: number): Measure => ({
  unit,
  digits,
  to: (x) => x,
  from: (x) => x,
})

export const PERCENT: Measure = { unit: '%', digits: 0, to: (x) => 100 * x, from: (x) => x / 100 }

export const lengthMeasure = (unit: HeightUnit, digits: number): Measure => ({
  unit,
  digits,
  to: (m) => lengthIn(m, unit),
  from: (x) => metresFrom(x, unit),
})

/** How this golfer types temperatures, winds, and distances about the bay and on the course. */
export function measuresOf({
  tempUnit,
  speedUnit,
  lengthUnit,
}: Pick<Golfer, 'tempUnit' | 'speedUnit' | 'lengthUnit'>): Record<
  'temp' | 'wind' | 'near' | 'height' | 'carry',
  Measure
> {
  const nearUnit = lengthUnit === 'yd' ? 'ft' : 'm'
  return {
    temp: {
      unit: `°${tempUnit}`,
      digits: 1,
      to: (c) => tempIn(c, tempUnit),
      from: (t) => celsiusFrom(t, tempUnit),
    },
    wind: {
      unit: speedUnit,
      digits: 1,
      to: (v) => speedIn(v, speedUnit),
      from: (v) => mpsFrom(v, speedUnit),
    },
    near: lengthMeasure(nearUnit, 1),
    height: lengthMeasure(nearUnit, 0),
    carry: lengthMeasure(lengthUnit, 1),
  }
}

const isLength = (unit: string): unit is HeightUnit => unit === 'm' || unit === 'yd' || unit === 'ft'

/**
 * Reads a number as it is typed; a length may have its own unit, any other the one that stands beside it.
 * @returns the canonical number; null for nothing, NaN for what is no number
 */
export function readTyped(text: string, { unit, from }: Measure): number | null {
  if (isLength(unit)) return readLength(text, unit)
  const bare = text.trim()
  const number = readNumber(unit !== '' && bare.endsWith(unit) ? bare.slice(0, -unit.length) : bare)
  return number === null ? null : from(number)
}

/** A canonical number as it stands in its field; nothing for none. */
export const written = (canonical: number | null, { to, digits }: Measure): string =>
  canonical === null || Number.isNaN(canonical) ? '' : String(Number(to(canonical).toFixed(digits)))

/** Whether every number of a form, however deep, is one or is left empty. */
export const areNumbers = (values: object): boolean =>
  Object.values(values).every((value: unknown) =>
    typeof value === 'object' && value !== null ? areNumbers(value) : !Number.isNaN(value),
  )
