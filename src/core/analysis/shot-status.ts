import type { BagAnalysis } from './bag-analysis'
import type { ClubId, ShotId } from '../model/ids'
import type { HeldReason } from '../model/held-reason'
import type { Exclusion } from '../shots/shot'

/** What is known of a shot besides its numbers. */
export type ShotStatus = {
  id: ShotId
  clubId: ClubId | null
  heldBecause: HeldReason | null
  exclusion: Exclusion | null
  onCourse: boolean
  old: boolean
  /** Hit before its club was changed: it stays with what the club was. */
  beforeChange: boolean
}

/** Says which shots stand apart from their stock: those of the warm-up, and those that the analysis keeps apart. */
export function excludedBy(
  stocks: BagAnalysis['stocks'],
): (shot: { id: ShotId; exclusion?: Exclusion | null }) => boolean {
  const excluded = new Set(stocks.flatMap(({ conditions }) => conditions?.excluded ?? []))
  return (shot) => shot.exclusion === 'warm-up' || excluded.has(shot.id)
}
