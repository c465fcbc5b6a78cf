import type { BagAnalysis } from '../analyse-bag'
import type { ClubId, ShotId } from '../ids'
import type { HeldReason } from '../monitor/station-for-shot'
import type { Apart } from './shot'

/** What is known of a shot besides its numbers. */
export type ShotStanding = {
  id: ShotId
  clubId: ClubId | null
  heldBecause: HeldReason | null
  apart: Apart | null
  onCourse: boolean
  old: boolean
}

/** The shots that stand apart from their stock: those of the warm-up, and those that the analysis keeps apart. */
export const keptApart = (
  shots: Iterable<{ id: ShotId; apart?: Apart | null }>,
  stocks: BagAnalysis['stocks'],
): Set<ShotId> =>
  new Set([
    ...Array.from(shots).flatMap(({ id, apart }) => (apart === 'warm-up' ? [id] : [])),
    ...stocks.flatMap(({ conditions }) => conditions?.apart ?? []),
  ])
