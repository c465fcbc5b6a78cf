import { metresFrom, mpsFrom } from '@/core/units'
import type { TableUnit } from './columns'

const FOOT_M = 0.3048

/** What makes a number of a column in this unit canonical: metres, metres per second, or as it is. */
export function toCanonical(unit: TableUnit | null): (x: number) => number {
  switch (unit) {
    case 'yd':
    case 'm':
    case 'ft':
      return (x) => metresFrom(x, unit)
    case 'in':
      return (x) => (x * FOOT_M) / 12
    case 'ft/s':
      return (x) => x * FOOT_M
    case 'mph':
    case 'km/h':
    case 'm/s':
      return (x) => mpsFrom(x, unit)
    default:
      return (x) => x
  }
}
