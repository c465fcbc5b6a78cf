import type { Club } from '../bag/club'
import { segmentOf } from '../bag/segment'
import { median } from '../stock/quantile'

/** A loft step this many times the usual one of its segment spans a club that is not in the bag. */
const SPANS_A_CLUB = 1.6
/** A club and the next are about 4° apart (common practice), where the bag itself does not say. */
const USUAL_LOFT_STEP_DEG = 4
const FEWEST_STEPS = 3

/**
 * How many clubs are missing, by loft, in each step between neighbours.
 * @param clubs longest first, without the putter
 * @returns one number per step; 0 where a loft is unknown
 */
export function absentClubs(clubs: readonly Club[]): number[] {
  const steps = clubs.slice(1).map((shorter, i) => {
    const longer = clubs[i] as Club
    const deg =
      longer.loftDeg === null || shorter.loftDeg === null ? null : Math.abs(shorter.loftDeg - longer.loftDeg)
    return { segment: segmentOf(longer), deg }
  })
  return steps.map(({ segment, deg }) => {
    if (deg === null) return 0
    const alike = steps.flatMap((step) => (step.segment === segment && step.deg !== null ? [step.deg] : []))
    const usual = alike.length >= FEWEST_STEPS ? median(alike) : USUAL_LOFT_STEP_DEG
    return usual > 0 && deg > SPANS_A_CLUB * usual ? Math.max(1, Math.round(deg / usual) - 1) : 0
  })
}
