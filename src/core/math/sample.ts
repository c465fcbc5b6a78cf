import { mean as meanOf, sampleStandardDeviation } from 'simple-statistics'

/** What a list of numbers says about itself. */
type Sample = { count: number; mean: number; sd: number }

/**
 * Count, mean and sample standard deviation (divisor n − 1) of some numbers; the sd of one number is 0.
 * @throws RangeError for an empty list.
 */
export function sample(values: readonly number[]): Sample {
  const count = values.length
  if (count === 0) throw new RangeError('a sample needs at least one number, and got none')
  const numbers = values as number[]
  return { count, mean: meanOf(numbers), sd: count === 1 ? 0 : sampleStandardDeviation(numbers) }
}
