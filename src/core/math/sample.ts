/** What a list of numbers says about itself. */
export type Sample = { count: number; mean: number; sd: number }

/**
 * Count, mean and sample standard deviation (divisor n − 1) of some numbers.
 * Both are corrected in a second pass, so that numbers with a large common part lose no digits
 * (Chan, Golub & LeVeque 1983). The sd of one number is 0.
 * @throws RangeError for an empty list.
 */
export function sample(values: readonly number[]): Sample {
  const count = values.length
  if (count === 0) throw new RangeError('a sample needs at least one number, and got none')
  const rough = values.reduce((sum, x) => sum + x, 0) / count
  const mean = rough + values.reduce((sum, x) => sum + (x - rough), 0) / count
  if (count === 1) return { count, mean, sd: 0 }
  let squares = 0
  let rest = 0
  for (const x of values) {
    squares += (x - mean) ** 2
    rest += x - mean
  }
  return { count, mean, sd: Math.sqrt(Math.max(0, squares - rest ** 2 / count) / (count - 1)) }
}
