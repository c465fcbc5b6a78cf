import type { Club } from './club'

/** A 7-iron has about this loft (common practice: 29.5° to 34.5° by how modern it is). */
const SEVEN_IRON_DEG = 32
export const SEVEN_IRON_WITHIN_DEG = 2.5

/** The iron that is nearest to a 7-iron by its loft; null where none is within `withinDeg`. */
export function sevenIron<Each extends Pick<Club, 'kind' | 'loftDeg'>>(
  clubs: readonly Each[],
  withinDeg = Infinity,
): Each | null {
  const away = ({ kind, loftDeg }: Each) =>
    kind === 'iron' && loftDeg !== null ? Math.abs(loftDeg - SEVEN_IRON_DEG) : Infinity
  return clubs.reduce<Each | null>(
    (best, each) =>
      away(each) < Infinity && away(each) <= withinDeg && (best === null || away(each) < away(best))
        ? each
        : best,
    null,
  )
}
