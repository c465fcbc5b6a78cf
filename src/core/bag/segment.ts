import { type Segment } from '../model/segment'
import type { Club, ClubKind } from './club'

const SEGMENT: Record<Exclude<ClubKind, 'putter'>, Segment> = {
  driver: 'top',
  wood: 'top',
  hybrid: 'irons',
  iron: 'irons',
  wedge: 'wedges',
}

/**
 * The segment of a club.
 * @throws RangeError for a putter, which takes no part in any gap.
 */
export function segmentOf(club: Pick<Club, 'id' | 'kind'>): Segment {
  if (club.kind === 'putter') throw new RangeError(`club ${club.id} is a putter: it belongs to no segment`)
  return SEGMENT[club.kind]
}
