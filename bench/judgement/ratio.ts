/** A ratio of two sums over golfers, and how far chance alone moves it: one standard error. */
export type Ratio = { value: number; se: number }

/**
 * The ratio of the sums of two tallies, with the standard error of a ratio estimator over golfers: what one golfer's
 * clubs share (spread, misses, monitor) is counted once and not a dozen times.
 */
export function ratioOf<T>(each: readonly T[], of: (tally: T) => number, over: (tally: T) => number): Ratio {
  const total = each.reduce((sum, tally) => sum + over(tally), 0)
  if (total === 0) return { value: 0, se: 0 }
  const value = each.reduce((sum, tally) => sum + of(tally), 0) / total
  const squares = each.reduce((sum, tally) => sum + (of(tally) - value * over(tally)) ** 2, 0)
  return { value, se: Math.sqrt(squares) / total }
}

/** The root of a ratio of squares, as an rmse is. */
export function rootOf({ value, se }: Ratio): Ratio {
  const root = Math.sqrt(value)
  return { value: root, se: root > 0 ? se / (2 * root) : 0 }
}
