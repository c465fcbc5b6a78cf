import { type Stretch } from '../model/coverage'

/**
 * The stretches between `from` and `to` that lie further than `tolerance` from every stock,
 * in rising order. With no stock at all the whole stretch is one uncovered distance.
 */
export function uncoveredBetween(
  stocks: readonly number[],
  tolerance: number,
  [from, to]: Stretch,
): Stretch[] {
  const uncovered: Stretch[] = []
  let reached = from
  for (const stock of [...stocks].sort((a, b) => a - b)) {
    const start = Math.min(stock - tolerance, to)
    if (start > reached) uncovered.push([reached, start])
    reached = Math.max(reached, stock + tolerance)
  }
  if (reached < to) uncovered.push([reached, to])
  return uncovered
}

/** The share of the distances between `from` and `to` that have a stock within `tolerance`, 0 to 1. */
export function coverOf(stocks: readonly number[], tolerance: number, zone: Stretch): number {
  const [from, to] = zone
  if (to <= from) return stocks.some((stock) => Math.abs(stock - from) <= tolerance) ? 1 : 0
  const open = uncoveredBetween(stocks, tolerance, zone).reduce((sum, [a, b]) => sum + (b - a), 0)
  return 1 - open / (to - from)
}

/** Where the reaches of several shots leave numbers free, and where two or more share them, between the shortest and the longest. */
export function touchingReaches(reaches: readonly Stretch[]): { free: Stretch[]; shared: Stretch[] } {
  const ends = [...new Set(reaches.flat())].sort((a, b) => a - b)
  const free: Stretch[] = []
  const shared: Stretch[] = []
  ends.slice(1).forEach((to, i) => {
    const from = ends[i] as number
    const holding = reaches.filter(([low, high]) => low <= from && high >= to).length
    if (holding === 0) joined(free, from, to)
    if (holding >= 2) joined(shared, from, to)
  })
  return { free, shared }
}

/** Adds a stretch; one that begins where the last one ends goes on with it. */
function joined(stretches: Stretch[], from: number, to: number): void {
  const last = stretches.at(-1)
  if (last?.[1] === from) last[1] = to
  else stretches.push([from, to])
}
