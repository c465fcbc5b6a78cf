import type { Club } from '../bag/club'
import { segmentOf } from '../bag/segment'
import { type Segment } from '../model/segment'
import { median } from '../math/quantile'

/** A loft gap this many times the usual one of its segment spans a club that is not in the bag. */
const SPANS_A_CLUB = 1.6
/** A club and the next are so far apart (common practice), where the bag itself does not say. */
const USUAL_LOFT_GAP_DEG: Record<Segment, number> = { top: 4, irons: 4, wedges: 5 }
const FEWEST_LOFT_GAPS = 3
/** Irons stronger than this are 3° apart (common practice), whatever the others of the bag are. */
const LONG_IRON = { underDeg: 22, loftGapDeg: 3 }

/**
 * The lofts of the clubs that are missing in each gap between neighbours.
 * @param clubs longest first, without the putter
 * @returns one list per gap, in degrees; empty where a loft is unknown
 */
export function absentLofts(clubs: readonly Club[]): number[][] {
  const gaps = clubs.slice(1).map((shorter, i) => {
    const longer = clubs[i] as Club
    const deg =
      longer.loftDeg === null || shorter.loftDeg === null ? null : Math.abs(shorter.loftDeg - longer.loftDeg)
    return { segment: segmentOf(longer), from: longer.loftDeg ?? 0, deg }
  })
  return gaps.map(({ segment, from, deg }) => {
    if (deg === null) return []
    const alike = gaps.flatMap((gap) => (gap.segment === segment && gap.deg !== null ? [gap.deg] : []))
    const ofSegment = alike.length >= FEWEST_LOFT_GAPS ? median(alike) : USUAL_LOFT_GAP_DEG[segment]
    const isLong = segment === 'irons' && from < LONG_IRON.underDeg
    const usual = isLong ? Math.min(LONG_IRON.loftGapDeg, ofSegment) : ofSegment
    if (usual <= 0 || deg <= SPANS_A_CLUB * usual) return []
    const missing = Math.max(1, Math.round(deg / usual) - 1)
    return Array.from({ length: missing }, (_, i) => from + (deg * (i + 1)) / (missing + 1))
  })
}
