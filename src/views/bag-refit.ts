import { refitClubs } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analyse-bag'
import { schoolRules, type Golfer } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import { refit, type Refit } from '@/core/refit/refit'
import type { Faced } from '@/core/rounds/faced'
import { comparingAir } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { comparedBag, rackAnalysis, type AnalysedBag } from './bag-analysis'
import { facedOf } from './faced-view'
import { daysOfClubs } from './refit-of'

/** A golfer's bag with what may be done about it. */
export type RefittedBag = AnalysedBag & {
  refit: Refit
  /** What the golfer was asked for on the course. */
  faced: Faced
}

/** What a page needs to advise. */
export type Advised = Pick<Refit, 'firsts' | 'longClubs'>

/** The advice about gaps beside some clubs. */
export function besideClubs(refit: Advised | undefined, clubs: ReadonlySet<ClubId>): Advised {
  const isBeside = ({ longerId, shorterId }: { longerId: ClubId; shorterId: ClubId }) =>
    clubs.has(longerId) || clubs.has(shorterId)
  return {
    firsts: refit?.firsts.filter(isBeside) ?? [],
    longClubs: refit?.longClubs.filter(isBeside) ?? [],
  }
}

/** How many clubs a golfer wants to carry; absent where that was neither asked nor wished. */
export type Wanted = number | 'fewest' | undefined

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
  wanted: Wanted = golfer.bagWish === 'light' ? 'fewest' : undefined,
): RefittedBag | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots } = compared
  const faced = facedOf(db, golfer, analysis, nowMs)
  const key = JSON.stringify([golfer, wanted, faced])
  const known = kept.get(analysis)?.get(key)
  if (known) return known
  const found = refit({
    ...refitClubs(bag),
    analysis,
    rackStocks: rackAnalysis(db, golfer, bag, nowMs, comparingAir(golfer)).stocks,
    days: daysOfClubs(shots),
    rules: {
      ...schoolRules(golfer),
      toleranceM: golfer.toleranceM,
      ...(golfer.goalZoneM && { goalZoneM: golfer.goalZoneM }),
    },
    demandM: faced.distancesM,
    ...(wanted !== undefined && { wanted }),
  })
  const refitted = { ...compared, refit: found, faced }
  kept.set(analysis, (kept.get(analysis) ?? new Map<string, RefittedBag>()).set(key, refitted))
  return refitted
}
