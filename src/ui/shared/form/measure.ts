import type { Golfer } from '@/core/golfer'
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
}: Golfer): Record<'temp' | 'wind' | 'near' | 'height' | 'carry', Measure> {
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
