import { analyseBag, type BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import { caveatsOf, NOTHING_SAID, type Caveat, type SetUp } from '@/core/session/set-up'
import { sessionAir, type AskedAir } from '@/core/session/session-air'
import type { SessionId } from '@/core/ids'
import { bagInput, comparingAir, STOCK_AGE_MS } from './bag-input'
import { bagOf } from './bags'
import type { Database } from './database'
import { sessionsOf } from './sessions'
import { lastSetUp, setUpOf } from './set-ups'
import { dayOf } from './course-days'
import { airOfDay, usualDay, type Day } from '@/core/flight/day'
import { dayCard, type DayCard } from '@/core/flight/day-card'

/** Sessions behind a golfer's stocks whose air nobody said, and about which the golfer was not asked yet; the newest first. */
export function sessionsToAsk(db: Database, golfer: Golfer, nowMs: number): AskedAir[] {
  return sessionsOf(db, golfer.id).flatMap(({ id, shots, place, startedMs, offsetMin, airLeft }) => {
    if (shots === 0 || airLeft || startedMs < nowMs - STOCK_AGE_MS) return []
    const air = sessionAir(setUpOf(db, id), place)
    return air.kind === 'unknown' ? [{ id, startedMs, offsetMin, shots, place, missing: air.missing }] : []
  })
}

export type OpenSetUp = { id: SessionId; startedMs: number; offsetMin: number; caveats: Caveat[] }

/** What the set-ups of the sessions behind a golfer's stocks leave open, the newest first. */
export function openSetUps(db: Database, golfer: Golfer, nowMs: number): OpenSetUp[] {
  return sessionsOf(db, golfer.id).flatMap(({ id, shots, place, startedMs, offsetMin }) => {
    if (shots === 0 || startedMs < nowMs - STOCK_AGE_MS) return []
    const caveats = caveatsOf(setUpOf(db, id) ?? NOTHING_SAID, place)
    return caveats.length > 0 ? [{ id, startedMs, offsetMin, caveats }] : []
  })
}

export type CourseDay = {
  bag: Bag
  day: Day
  /** When it was set; null while nobody has. */
  setMs: number | null
  card: DayCard
  /** The bag in the air of the day. */
  inDay: BagAnalysis
}

/** The golfer's day with its card; null before the first bag. */
export function courseDay(db: Database, golfer: Golfer, nowMs: number): CourseDay | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const kept = dayOf(db, golfer.id)
  const day = kept?.day ?? usualDay(golfer.homeAltitudeM, lastSetUp(db, golfer.id))
  const asHit = analyseBag(bagInput(db, golfer, bag, nowMs, null))
  const inDay = analyseBag(bagInput(db, golfer, bag, nowMs, airOfDay(day)))
  const clubs = bag.clubs.map((club, order) => ({ ...club, order }))
  return { bag, day, setMs: kept?.setMs ?? null, card: dayCard(clubs, day, asHit, inDay), inDay }
}

/** What a card and a report are made from; null before the first bag. */
export function paperInput(
  db: Database,
  golfer: Golfer,
  nowMs: number,
): { bag: Bag; analysis: BagAnalysis; setUps: OpenSetUp[]; lastSetUp: SetUp | null } | null {
  const bag = bagOf(db, golfer.id)
  if (!bag) return null
  const newest = sessionsOf(db, golfer.id).find(({ shots }) => shots > 0)
  return {
    bag,
    analysis: analyseBag(bagInput(db, golfer, bag, nowMs, comparingAir(golfer))),
    setUps: openSetUps(db, golfer, nowMs),
    lastSetUp: newest ? setUpOf(db, newest.id) : null,
  }
}
