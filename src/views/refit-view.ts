import { refitClubs, type Bag } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analyse-bag'
import { schoolRules, type Golfer } from '@/core/golfer'
import { refit, type Refit } from '@/core/refit/refit'
import { comparingAir } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { triedOf, type TriedRefit } from '@/store/tried-refits'
import { dayOf } from '@/store/course-days'
import type { Turf } from '@/core/flight/ground'
import type { Faced } from '@/core/rounds/faced'
import { comparedBag, rackAnalysis } from './bag-analysis'
import { facedOf } from './faced-view'
import type { ChangeSeen } from './changed-clubs'
import { daysOfClubs } from './refit-of'

export type RefitView = {
  bag: Bag
  /** What Gaps shows: the steps and their verdicts. */
  analysis: Pick<BagAnalysis, 'steps' | 'stocks'>
  refit: Refit
  tried: TriedRefit[]
  /** The turf that the golfer plays on, as it was last said. */
  turf: Turf
  changes: ChangeSeen[]
  /** What the golfer was asked for on the course. */
  faced: Faced
}

/** What may be done about a golfer's bag, by the shots that Gaps is made of; null before the first bag. */
export function refitView(db: Database, golfer: Golfer, nowMs: number): RefitView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots, changes } = compared
  return {
    bag,
    analysis: { steps: analysis.steps, stocks: analysis.stocks },
    refit: refit({
      ...refitClubs(bag),
      analysis,
      rackStocks: rackAnalysis(db, golfer, bag, nowMs, comparingAir(golfer)).stocks,
      days: daysOfClubs(shots),
      rules: {
        ...schoolRules(golfer),
        toleranceM: golfer.toleranceM,
        ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
      },
    }),
    tried: triedOf(db, golfer.id),
    changes,
    faced: facedOf(db, golfer, analysis, nowMs),
    turf: dayOf(db, golfer.id)?.day.turf ?? golfer.usualTurf ?? 'normal',
  }
}
