import type { GolferId } from '@/core/model/ids'
import { competitionUntil } from '@/core/rounds/round'
import type { Database } from '@/store/database'
import { roundsOf } from '@/store/rounds'

/** Until when only the plain card may be shown to a golfer; null where no competition round is under way. */
export const plainCardUntil = (db: Database, golferId: GolferId, nowMs: number): number | null =>
  competitionUntil(roundsOf(db, golferId), nowMs)
