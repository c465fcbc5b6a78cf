import { median as middle } from 'simple-statistics'

/**
 * The p-quantile of some numbers by definition 7 of Hyndman & Fan 1996 (linear between order
 * statistics, the smallest at p = 0 and the largest at p = 1). The statistics package that Banco uses has another
 * definition, which jumps from shot to shot in lists as short as a station's.
 * @throws RangeError for an empty list or p outside 0 … 1.
 */
export function quantile(values: readonly number[], p: number): number {
  if (values.length === 0) throw new RangeError('a quantile needs at least one number, and got none')
  if (!(p >= 0 && p <= 1)) throw new RangeError(`a quantile needs p in 0 … 1, and got ${p}`)
  const sorted = Float64Array.from(values).sort()
  const index = (sorted.length - 1) * p
  const below = Math.floor(index)
  const low = sorted[below] as number
  const high = sorted[Math.min(below + 1, sorted.length - 1)] as number
  return low + (index - below) * (high - low)
}

/**
 * The middle number, or the mean of the two in the middle.
 * @throws for an empty list
 */
export const median = (values: readonly number[]): number => middle(values as number[])
