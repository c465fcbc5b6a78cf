import type { BagId, ClubId } from '../ids'
import type { ClubKind } from './club'

export type ClubDetails = { name: string; kind: ClubKind; loftDeg: number | null }
export type OwnedClub = ClubDetails & { id: ClubId }
/** A dated set-up of clubs, longest first; the golfer's other clubs are on the rack. */
export type Bag = { id: BagId; name: string; sinceMs: number; clubs: OwnedClub[]; rack: OwnedClub[] }
