import type { GolferId } from '@/core/model/ids'
import { clubsOf } from '@/store/clubs'
import type { Database } from '@/store/database'
import { roundsOf } from '@/store/rounds'
import { historyOf } from '@/store/sessions'
import { visitsOf } from '@/store/visits'

/** How much there is of a golfer, as their pages count it. */
export type KeptOfGolfer = Record<'sessions' | 'shots' | 'clubs' | 'rounds' | 'visits', number>

export const keptOfGolfer = (db: Database, id: GolferId): KeptOfGolfer => ({
  ...historyOf(db, id),
  clubs: clubsOf(db, id).length,
  rounds: roundsOf(db, id).length,
  visits: visitsOf(db, id).length,
})
