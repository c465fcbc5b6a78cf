import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { ClubId, ShotId } from '@/core/model/ids'
import type { ShotStatus } from '@/core/analysis/shot-status'
import { EXCLUSION_NAME, HELD_NAME, MARK_NAME } from './names'

/** What became of a shot: it counts, or why it does not. */
export function shotFate(
  { id, clubId, heldBecause, exclusion, onCourse, old, beforeChange }: ShotStatus,
  judged: ReadonlyMap<ShotId, BagAnalysis['shots'][number]>,
  isExcluded: boolean,
  inBag: ReadonlySet<ClubId>,
): string {
  if (heldBecause) return `held: ${HELD_NAME[heldBecause]}`
  if (onCourse) return 'apart: hit on the course'
  if (old) return 'older than 12 months'
  if (beforeChange) return 'apart: hit before the club was changed'
  if (exclusion && isExcluded) return `apart: ${EXCLUSION_NAME[exclusion]}`
  const shot = judged.get(id)
  if (!shot)
    return clubId !== null && inBag.has(clubId)
      ? 'passed over: newer shots make the stock'
      : 'its club is not in the bag'
  return shot.mark === 'solid' ? 'counts' : `left out: ${MARK_NAME[shot.mark]}`
}
