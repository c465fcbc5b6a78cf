import type { BagId, ClubId } from '../ids'
import type { Club, ClubKind } from './club'

export type ClubDetails = { name: string; kind: ClubKind; loftDeg: number | null }
export type OwnedClub = ClubDetails & { id: ClubId }
/** A dated set-up of clubs, longest first; the golfer's other clubs are on the rack. */
export type Bag = { id: BagId; name: string; sinceMs: number; clubs: OwnedClub[]; rack: OwnedClub[] }

/** The clubs of a bag as the calculations take them, each with its place. */
export const clubsInOrder = ({ clubs }: Pick<Bag, 'clubs'>): Club[] =>
  clubs.map(({ id, kind, loftDeg }, order) => ({ id, kind, loftDeg, order }))
