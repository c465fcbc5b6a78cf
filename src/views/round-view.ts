import type { Bag, OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { RoundId } from '@/core/model/ids'
import { bagOf } from '@/store/bags'
import { clubsOf } from '@/store/clubs'
import type { Database } from '@/store/database'
import { roundById, type StoredRound } from '@/store/rounds'

/** A round as its page has it, and as the routes answer it. */
export type RoundSummary = StoredRound
export type RoundView = {
  golfer: Golfer
  bag: Bag
  /** Clubs that shots of the round have, in the bag or not. */
  clubs: OwnedClub[]
  round: RoundSummary
}

/** A golfer's round; null where it is not there, or before the first bag. */
export function roundView(db: Database, golfer: Golfer, id: string): RoundView | null {
  const bag = bagOf(db, golfer.id)
  const round = roundById(db, id as RoundId)
  if (!bag || round?.golferId !== golfer.id) return null
  return { golfer, bag, clubs: clubsOf(db, golfer.id), round }
}
