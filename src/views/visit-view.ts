import type { Gap } from '@/core/gaps/gap'
import type { NextShots } from '@/core/gaps/next-shots'
import type { Golfer } from '@/core/model/golfer'
import type { Bag } from '@/core/bag/bag'
import { played } from '@/core/rounds/use'
import { playAgainstStocks, type PlayAgainstStocks } from '@/core/coach/play-against-stocks'
import type { ChangedSince } from '@/core/coach/changed-since'
import { isOn, type AfterPlay, type Visit } from '@/core/coach/visit'
import { whatIsOpen } from '@/core/coach/what-is-open'
import type { Database } from '@/store/database'
import { roundsOf } from '@/store/rounds'
import { afterPlayOf, deskSettings, visitsOf } from '@/store/visits'
import { comparedBag } from './bag-analysis'
import type { GapsToFix } from '@/core/refit/refit'
import { bagRefit } from './bag-refit'
import { changedSince } from './changed-since'
import { openFollowUp, type OpenFollowUp } from './desk-view'

/** What was said of a visit after play, beside what the numbers say to it. */
export type AfterPlaySeen = { visit: Visit; afterPlay: AfterPlay | null; reference: PlayAgainstStocks | null }

export type VisitView = {
  golfer: Golfer
  bag: Bag | null
  coach: string | null
  visit: Visit
  /** All of this golfer's, the newest first. */
  visits: Visit[]
  /** What is open: the gaps that are not settled, and what to hit next. */
  open: { unsettled: Gap[]; settled: number; next: NextShots[] }
  /** What to do about gaps that are not good; null before the first bag. */
  gapsToFix: GapsToFix | null
  /** What is otherwise than at the visit before this one; null where there is none. */
  changed: ChangedSince | null
  followUp: OpenFollowUp | null
  /** What was or is asked after the visit before. */
  afterPlay: AfterPlaySeen | null
  nowMs: number
}

/** A golfer's visit: what it is to do, what came of it, and what was said after play. */
export function visitView(db: Database, golfer: Golfer, visit: Visit, nowMs: number): VisitView {
  const compared = comparedBag(db, golfer, nowMs)
  const visits = visitsOf(db, golfer.id)
  const { settled, open: unsettled } = whatIsOpen(compared?.analysis.gaps ?? [])
  // What is asked of this visit once it is over; before that what was asked of an earlier one, or is due.
  const open = openFollowUp(db, golfer.id, visits, nowMs)
  const isRequested = ({ id, followUp, endedMs }: Visit): boolean =>
    followUp !== null &&
    endedMs !== null &&
    (id === visit.id || (open?.visit.id === id ? open.state.kind === 'due' : afterPlayOf(db, id) !== null))
  const followedUp = visits.find((each) => each.atMs <= visit.atMs && isRequested(each))
  return {
    golfer,
    bag: compared?.bag ?? null,
    coach: deskSettings(db).coach,
    visit,
    visits,
    open: {
      unsettled,
      settled: settled.length,
      next: compared?.analysis.next ?? [],
    },
    gapsToFix: bagRefit(db, golfer, nowMs)?.refit ?? null,
    changed: compared && changedSinceVisit(db, golfer, compared.bag, { visits, visit, nowMs }),
    followUp: open,
    afterPlay: followedUp ? afterPlaySeen(db, golfer, followedUp, nowMs) : null,
    nowMs,
  }
}

/** What is otherwise than at the visit that was held before this one; null where there is none. */
export function changedSinceVisit(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  { visits, visit, nowMs }: { visits: readonly Visit[]; visit: Visit; nowMs: number },
): ChangedSince | null {
  const before = visits.find(
    ({ id, atMs, endedMs }) => id !== visit.id && atMs < visit.atMs && endedMs !== null,
  )
  return before?.endedMs == null ? null : changedSince(db, golfer, bag, before.endedMs, nowMs)
}

/** The visit that a paper of now is about: the one that is on or was last. */
export const visitOfNow = (visits: readonly Visit[], nowMs: number): Visit | null =>
  visits.find((each) => each.endedMs !== null || isOn(each, nowMs)) ?? null

function afterPlaySeen(db: Database, golfer: Golfer, visit: Visit, nowMs: number): AfterPlaySeen {
  const afterPlay = afterPlayOf(db, visit.id)
  const compared = comparedBag(db, golfer, nowMs)
  if (!afterPlay || !compared) return { visit, afterPlay: afterPlay, reference: null }
  const rounds = played(roundsOf(db, golfer.id)).filter(({ openedMs }) => openedMs > visit.atMs)
  return {
    visit,
    afterPlay: afterPlay,
    reference: playAgainstStocks(afterPlay, compared.analysis.stocks, rounds),
  }
}
