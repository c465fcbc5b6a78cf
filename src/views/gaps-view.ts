import { refitClubs } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import { firstFixes, type BeforeTrouble } from '@/core/refit/refit'
import type { Faced } from '@/core/rounds/faced'
import type { Database } from '@/store/database'
import { comparedBag, type AnalysedBag } from './bag-analysis'
import { facedOf } from './faced-view'
import { daysOfClubs } from './refit-of'

/** What Gaps shows: the bag as its shots say it is, and what comes first before each trouble. */
export type GapsView = AnalysedBag & {
  firsts: BeforeTrouble[]
  /** What the golfer was asked for on the course. */
  faced: Faced
}

/** Null before the first bag. */
export function gapsView(db: Database, golfer: Golfer, nowMs: number): GapsView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots } = compared
  return {
    ...compared,
    faced: facedOf(db, golfer, analysis, nowMs),
    firsts: firstFixes({ clubs: refitClubs(bag).clubs, analysis, days: daysOfClubs(shots) }),
  }
}
