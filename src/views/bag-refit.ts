import { refitClubs } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { gapRules, type Golfer } from '@/core/model/golfer'
import type { GapClubs } from '@/core/gaps/gap-clubs'
import type { ClubId } from '@/core/model/ids'
import { refit, type GapsToFix, type Refit, type RefitInput } from '@/core/refit/refit'
import type { Demand } from '@/core/gaps/demand'
import { comparingAir } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { comparedBag, rackAnalysis, type AnalysedBag } from './bag-analysis'
import { demandOf } from './demand-view'
import { daysOfClubs } from './refit-of'

/** A golfer's bag with what may be done about it. */
export type RefittedBag = AnalysedBag & {
  refit: Refit
  /** The distances that the golfer had on the course. */
  demand: Demand
}

/** The advice about the gaps of some clubs. */
export function adviceOfClubs(refit: GapsToFix | undefined, clubs: ReadonlySet<ClubId>): GapsToFix {
  const isOfClubs = ({ longerId, shorterId }: GapClubs) => clubs.has(longerId) || clubs.has(shorterId)
  return {
    firsts: refit?.firsts.filter(isOfClubs) ?? [],
    longClubs: refit?.longClubs.filter(isOfClubs) ?? [],
  }
}

/** What was worked out last for an analysis, for the other pages that ask for the same. */
const kept = new WeakMap<BagAnalysis, Map<string, RefittedBag>>()

/**
 * What may be done about a golfer's bag, by the shots that Gaps is made of; null before the first bag. Every page and paper that
 * advises takes it from here.
 */
export function bagRefit(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  wanted: RefitInput['wanted'] = golfer.bagWish === 'light' ? 'fewest' : undefined,
): RefittedBag | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots } = compared
  const demand = demandOf(db, golfer, analysis, nowMs)
  const key = JSON.stringify([golfer, wanted, demand])
  const known = kept.get(analysis)?.get(key)
  if (known) return known
  const found = refit({
    ...refitClubs(bag),
    analysis,
    rackStocks: rackAnalysis(db, golfer, bag, nowMs, comparingAir(golfer)).stocks,
    days: daysOfClubs(shots),
    rules: {
      ...gapRules(golfer),
      toleranceM: golfer.toleranceM,
      ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
    },
    demandM: demand.distancesM,
    ...(wanted !== undefined && { wanted }),
  })
  const refitted = { ...compared, refit: found, demand }
  kept.set(analysis, (kept.get(analysis) ?? new Map<string, RefittedBag>()).set(key, refitted))
  return refitted
}
