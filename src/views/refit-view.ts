import { refitClubs, type Bag } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Turf } from '@/core/flight/ground'
import type { Golfer } from '@/core/golfer'
import type { Refit } from '@/core/refit/refit'
import type { Faced } from '@/core/rounds/faced'
import { wedgeSet, type WedgeSet } from '@/core/wedges/wedge-set'
import { dayOf } from '@/store/course-days'
import type { Database } from '@/store/database'
import { triedOf, type TriedRefit } from '@/store/tried-refits'
import { bagRefit, type Wanted } from './bag-refit'
import type { ChangeSeen } from './changed-clubs'

export type RefitView = {
  bag: Bag
  /** What Gaps shows: the gaps and their verdicts. */
  analysis: Pick<BagAnalysis, 'steps' | 'stocks'>
  refit: Refit
  tried: TriedRefit[]
  /** The turf that the golfer plays on, as it was last set. */
  turf: Turf
  changes: ChangeSeen[]
  /** What the golfer was asked for on the course. */
  faced: Faced
  /** Which wedges to have; null where no pitching wedge was hit. */
  wedges: WedgeSet | null
}

/** Everything that the page on fixes shows; null before the first bag. */
export function refitView(db: Database, golfer: Golfer, nowMs: number, wanted?: Wanted): RefitView | null {
  const refitted = bagRefit(db, golfer, nowMs, wanted)
  if (!refitted) return null
  const { bag, analysis, refit, changes, faced } = refitted
  return {
    bag,
    analysis: { steps: analysis.steps, stocks: analysis.stocks },
    refit,
    tried: triedOf(db, golfer.id),
    changes,
    faced,
    turf: dayOf(db, golfer.id)?.day.turf ?? golfer.usualTurf ?? 'normal',
    wedges: wedgeSet(refitClubs(bag).clubs, analysis.stocks, { toleranceM: golfer.toleranceM, faced }),
  }
}
