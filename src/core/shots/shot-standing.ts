import type { BagAnalysis } from '../analyse-bag'
import type { ClubId, ShotId } from '../ids'
import type { HeldReason } from '../feed/station-for-shot'
import type { Apart } from './shot'

/** What is known of a shot besides its numbers. */
export type ShotStanding = {
  id: ShotId
  clubId: ClubId | null
  heldBecause: HeldReason | null
  apart: Apart | null
  onCourse: boolean
  old: boolean
  /** Hit before its club was changed: it stays with what the club was. */
  beforeChange: boolean
}

/** Says which shots stand apart from their stock: those of the warm-up, and those that the analysis keeps apart. */
export function keptApart(
  stocks: BagAnalysis['stocks'],
): (shot: { id: ShotId; apart?: Apart | null }) => boolean {
  const apart = new Set(stocks.flatMap(({ conditions }) => conditions?.apart ?? []))
  return (shot) => shot.apart === 'warm-up' || apart.has(shot.id)
}
