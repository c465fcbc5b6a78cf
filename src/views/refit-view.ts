import { refitClubs, type Bag } from '@/core/bag/bag'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Turf } from '@/core/model/turf'
import type { Golfer } from '@/core/model/golfer'
import { isSameGap } from '@/core/gaps/gap-clubs'
import { lessFor, type OneLess } from '@/core/refit/fewer-clubs'
import type { Fix } from '@/core/refit/fixes'
import { fixesOf, type GapAdvice } from '@/core/refit/gap-advice'
import { fixesOfLongClub, type LongClubAdvice } from '@/core/refit/long-clubs'
import type { Proposal } from '@/core/refit/proposal'
import type { Refit } from '@/core/refit/refit'
import type { Demand } from '@/core/gaps/demand'
import { wedgeSet, type WedgeSet } from '@/core/wedges/wedge-set'
import { dayOf } from '@/store/course-days'
import type { Database } from '@/store/database'
import { triedOf, type TriedRefit } from '@/store/tried-refits'
import { bagRefit } from './bag-refit'
import type { ChangeSeen } from './changed-clubs'

/** What the golfer chose to look at: the gap below a club, or how many clubs to carry. */
type RefitChoice = { longerId?: string; carry?: number }

/** What the page leads with. */
type RefitLead = {
  /** The gap that was chosen, else the worst one. */
  gap?: GapAdvice
  longClub?: LongClubAdvice
  /** The clubs to take out, one after another, where the golfer chose how many to carry. */
  less: OneLess[]
  /** The changes of clubs to show, in this order. */
  proposals: Proposal[]
  /** What the ladder shows at first. */
  fixes: Fix[]
}

export type RefitView = {
  choice: RefitChoice
  lead: RefitLead
  bag: Bag
  /** What Gaps shows: the gaps and their verdicts. */
  analysis: Pick<BagAnalysis, 'gaps' | 'stocks'>
  refit: Refit
  tried: TriedRefit[]
  /** The turf that the golfer plays on, as it was last set. */
  turf: Turf
  changes: ChangeSeen[]
  /** The distances that the golfer had on the course. */
  demand: Demand
  /** Which wedges to have; null where no pitching wedge was hit. */
  wedges: WedgeSet | null
}

/** Everything that the page on fixes shows; null before the first bag. */
export function refitView(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  choice: RefitChoice = {},
): RefitView | null {
  const refitted = bagRefit(db, golfer, nowMs, choice.carry)
  if (!refitted) return null
  const { bag, analysis, refit, changes, demand } = refitted
  return {
    choice,
    lead: leadOf(refit, bag, golfer, choice),
    bag,
    analysis: { gaps: analysis.gaps, stocks: analysis.stocks },
    refit,
    tried: triedOf(db, golfer.id),
    changes,
    demand,
    turf: dayOf(db, golfer.id)?.day.turf ?? golfer.usualTurf ?? 'normal',
    wedges: wedgeSet(refitClubs(bag).clubs, analysis.stocks, { toleranceM: golfer.toleranceM, demand }),
  }
}

function leadOf(refit: Refit, bag: Bag, { bagWish }: Golfer, { longerId, carry }: RefitChoice): RefitLead {
  const { firsts, longClubs, proposals, fewer } = refit
  const gap = firsts.find((each) => each.longerId === longerId) ?? firsts[0]
  const longClub = gap
    ? longClubs.find((each) => isSameGap(each, gap))
    : (longClubs.find((each) => each.longerId === longerId) ?? longClubs[0])
  const wantsFewer = carry !== undefined || bagWish === 'light'
  const ofBag = proposals.filter(
    ({ strategy }) => strategy === 'everything' || (strategy === 'fewer-clubs' && wantsFewer) || !gap,
  )
  const ofGap = (gap?.proposals ?? []).filter(
    ({ strategy }) => !ofBag.some((each) => each.strategy === strategy),
  )
  const shown = wantsFewer ? [...ofBag, ...ofGap] : [...ofGap, ...ofBag]
  const putters = bag.clubs.filter(({ kind }) => kind === 'putter').length
  return {
    ...(gap && { gap }),
    ...(longClub && { longClub }),
    less: fewer && carry !== undefined ? lessFor(fewer, carry - putters) : [],
    proposals: shown,
    fixes: wantsFewer
      ? (shown[0]?.fixes ?? [])
      : gap
        ? fixesOf(gap.advice)
        : longClub
          ? fixesOfLongClub(longClub)
          : [],
  }
}
