import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { SetUp } from '@/core/session/set-up'
import { FULL_SWING } from '@/core/model/station'
import type { CardData } from '@/draw/card'
import { cardOfBag } from '@/draw/card-of-bag'
import { cardOfDay } from '@/draw/card-of-day'
import type { Database } from '@/store/database'
import { sessionsOf } from '@/store/sessions'
import { setUpOf } from '@/store/set-ups'
import { cardAir } from '@/text/set-up'
import { deskSettings, visitsOf } from '@/store/visits'
import { triedOf } from '@/store/tried-refits'
import { comparedBag } from './bag-analysis'
import { bagRefit } from './bag-refit'
import type { ChangeSeen } from './changed-clubs'
import { plainCardUntil } from './competition'
import { courseDay } from './course-view'
import { openSetUps, type OpenSetUp } from './set-ups-behind'
import { changedSinceVisit, visitOfNow } from './visit-view'

type PaperView = {
  bag: Bag
  analysis: BagAnalysis
  /** Clubs that were changed, with what came of each change. */
  changes: ChangeSeen[]
  /** When each club's full swing was hit last. */
  newestMs: ReadonlyMap<ClubId, number>
  setUps: OpenSetUp[]
  lastSetUp: SetUp | null
}

/** What a card and a report are made from; null before the first bag. */
export function paperView(db: Database, golfer: Golfer, nowMs: number): PaperView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis, shots, changes } = compared
  const newest = sessionsOf(db, golfer.id, { most: 30 }).find(({ shots }) => shots > 0)
  return {
    bag,
    analysis,
    changes,
    newestMs: new Map(
      shots
        .filter(({ swing }) => swing === FULL_SWING)
        .toSorted((a, b) => a.hitMs - b.hitMs)
        .map(({ clubId, hitMs }) => [clubId, hitMs]),
    ),
    setUps: openSetUps(db, golfer, nowMs),
    lastSetUp: newest ? setUpOf(db, newest.id) : null,
  }
}

/** What a paper is made from: the golfer's day for one of the day, else the bag; null before the first bag. */
export function paperInput(
  db: Database,
  golfer: Golfer,
  { ofDay, madeMs, visitId }: { ofDay: boolean; madeMs: number; visitId?: string | null },
) {
  if (!ofDay) return reportFrom(db, golfer, madeMs, visitId)
  const view = courseDay(db, golfer, madeMs)
  return view && { golfer, madeMs, ofDay: view }
}

/**
 * What a golfer's bag looks like on paper, with what was said of a visit and what changed since the one before; null before
 * the first bag.
 * @param visitId the visit it is of; the one that is on or was last where none is given
 */
export function reportFrom(db: Database, golfer: Golfer, madeMs: number, visitId: string | null = null) {
  const view = paperView(db, golfer, madeMs)
  if (!view) return null
  const visits = visitsOf(db, golfer.id)
  const visit = visitId === null ? visitOfNow(visits, madeMs) : visits.find(({ id }) => id === visitId)
  return {
    ...{ golfer, madeMs, ...view },
    gapsToFix: bagRefit(db, golfer, madeMs)?.refit ?? null,
    tried: triedOf(db, golfer.id),
    visit: visit ? { coach: deskSettings(db).coach, words: visit.words, followUp: visit.followUp } : null,
    changed: visit ? changedSinceVisit(db, golfer, view.bag, { visits, visit, nowMs: madeMs }) : null,
  }
}

/** The yardage card as it stands today, or that of the golfer's day; null before the first bag. */
export function cardView(
  db: Database,
  golfer: Golfer,
  nowMs: number,
  selection: 'card' | 'day',
): CardData | null {
  // In a competition round there is the plain card alone.
  if (selection === 'day' && plainCardUntil(db, golfer.id, nowMs) === null) {
    const ofDay = courseDay(db, golfer, nowMs)
    return ofDay && cardOfDay(golfer, ofDay)
  }
  const view = paperView(db, golfer, nowMs)
  return (
    view &&
    cardOfBag(golfer, view.bag, view.analysis, { dateMs: nowMs, air: cardAir(view.lastSetUp, golfer) })
  )
}
