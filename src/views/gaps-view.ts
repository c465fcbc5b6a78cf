import type { Golfer } from '@/core/model/golfer'
import type { Database } from '@/store/database'
import type { GapsToFix } from '@/core/refit/refit'
import { bagRefit, type RefittedBag } from './bag-refit'

/** What Gaps shows: the bag as its shots say it is, and what to do about each gap that is not good. */
export type GapsView = Omit<RefittedBag, 'refit'> & { gapsToFix: GapsToFix }

/** Null before the first bag. */
export function gapsView(db: Database, golfer: Golfer, nowMs: number): GapsView | null {
  const refitted = bagRefit(db, golfer, nowMs)
  if (!refitted) return null
  const {
    refit: { firsts, longClubs },
    ...compared
  } = refitted
  return { ...compared, gapsToFix: { firsts, longClubs } }
}
