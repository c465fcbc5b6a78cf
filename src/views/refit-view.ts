import { refitClubs, type Bag } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { Golfer } from '@/core/golfer'
import type { Refit } from '@/core/refit/refit'
import { bagInput, comparingAir } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { triedOf, type TriedRefit } from '@/store/tried-refits'
import { comparedBag } from './bag-analysis'
import { refitOfAnalysis } from './refit-of'

export type RefitView = {
  bag: Bag
  /** What Gaps shows: the steps and their verdicts. */
  analysis: Pick<BagAnalysis, 'steps' | 'stocks'>
  refit: Refit
  tried: TriedRefit[]
}

/** What may be done about a golfer's bag, by the shots that Gaps is made of; null before the first bag. */
export function refitView(db: Database, golfer: Golfer, nowMs: number): RefitView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis } = compared
  // The shots of the rack are read beside those of the bag.
  const all = { ...bag, clubs: [...bag.clubs, ...bag.rack], rack: [] }
  const { shots, rules } = bagInput(db, golfer, all, nowMs, comparingAir(golfer))
  const refit = refitOfAnalysis({ ...refitClubs(bag), shots, ...(rules && { rules }) }, analysis)
  return {
    bag,
    analysis: { steps: analysis.steps, stocks: analysis.stocks },
    refit,
    tried: triedOf(db, golfer.id),
  }
}
