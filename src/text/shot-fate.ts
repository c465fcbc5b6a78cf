import type { BagAnalysis } from '@/core/analyse-bag'
import type { ShotId } from '@/core/ids'
import type { ShotStanding } from '@/core/shots/shot-standing'
import { APART_NAME, HELD_NAME, MARK_NAME } from './names'

/** What became of a shot: it counts, or why it does not. */
export function shotFate(
  { id, heldBecause, apart, onCourse, old }: ShotStanding,
  judged: ReadonlyMap<ShotId, BagAnalysis['shots'][number]>,
  apartFromStocks: ReadonlySet<ShotId>,
): string {
  if (heldBecause) return `held: ${HELD_NAME[heldBecause]}`
  if (onCourse) return 'apart: hit on the course'
  if (old) return 'older than 12 months'
  if (apart && apartFromStocks.has(id)) return `apart: ${APART_NAME[apart]}`
  const shot = judged.get(id)
  if (!shot) return 'its club is not in the bag'
  return shot.mark === 'solid' ? 'counts' : `left out: ${MARK_NAME[shot.mark]}`
}
