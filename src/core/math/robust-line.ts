import { median } from './quantile'

type Point = { x: number; y: number }
type RobustLine = { slope: number; at0: number }

/**
 * The line through some points by the median of all slopes (Theil 1950, Sen 1968), so that a point that is
 * off does not bend it. Null where no two points are `apart` in x.
 */
export function robustLine(points: readonly Point[], spacing: number): RobustLine | null {
  const slopes: number[] = []
  for (const [i, a] of points.entries()) {
    for (const b of points.slice(i + 1)) {
      if (Math.abs(b.x - a.x) >= spacing) slopes.push((b.y - a.y) / (b.x - a.x))
    }
  }
  if (slopes.length === 0) return null
  const slope = median(slopes)
  return { slope, at0: median(points.map(({ x, y }) => y - slope * x)) }
}
