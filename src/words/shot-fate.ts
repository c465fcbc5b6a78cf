import type { BagAnalysis } from '@/core/analyse-bag'
import type { HeldReason } from '@/core/monitor/station-for-shot'
import { APART_NAME, HELD_NAME, MARK_NAME } from './names'
import type { Apart } from '@/core/shots/shot'

/** What is known of a shot besides its numbers. */
export type ShotStanding = {
  id: string
  heldBecause: HeldReason | null
  apart: Apart | null
  onCourse: boolean
  old: boolean
}

/** What became of a shot: it counts, or why it does not. */
export function shotFate(
  { id, heldBecause, apart, onCourse, old }: ShotStanding,
  judged: ReadonlyMap<string, BagAnalysis['shots'][number]>,
  keptApart: ReadonlySet<string>,
): string {
  if (heldBecause) return `held: ${HELD_NAME[heldBecause]}`
  if (onCourse) return 'apart: hit on the course'
  if (old) return 'older than 12 months'
  if (apart && keptApart.has(id)) return `apart: ${APART_NAME[apart]}`
  const shot = judged.get(id)
  if (!shot) return 'its club is not in the bag'
  return shot.mark === 'solid' ? 'counts' : `left out: ${MARK_NAME[shot.mark]}`
}
