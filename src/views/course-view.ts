import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { clubsInOrder, type Bag } from '@/core/bag/bag'
import { airOfDay, usualDay, type Venue, type Day } from '@/core/session/day'
import { dayCard, seasonStations, type DayCard } from '@/core/course/day-card'
import type { SeasonStation } from '@/core/course/season'
import type { Golfer } from '@/core/model/golfer'
import type { SessionsWithoutAir } from '@/core/session/session-air'
import { dayOf, venuesOf } from '@/store/course-days'
import type { Database } from '@/store/database'
import { lastSetUp } from '@/store/set-ups'
import { bagAnalysis } from './bag-analysis'
import { plainCardUntil } from './competition'
import { onCourseApplied } from './bay-to-course-view'
import { sessionsToAsk } from './set-ups-behind'

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
  const found = bagAnalysis(db, golfer, nowMs)
  if (!found) return null
  const { bag, analysis: asHit } = found
  const kept = dayOf(db, golfer.id)
  const day = kept?.day ?? usualDay(golfer, lastSetUp(db, golfer.id))
  const inDay = bagAnalysis(db, golfer, nowMs, airOfDay(day))?.analysis ?? asHit
  return {
    bag,
    day,
    setMs: kept?.setMs ?? null,
    card: dayCard(clubsInOrder(bag), day, asHit, inDay, onCourseApplied(db, golfer, nowMs)),
    inDay,
  }
}

export type CourseView = Omit<CourseDay, 'inDay'> & {
  golfer: Golfer
  venues: Venue[]
  /** How many solid shots stand behind each stock. */
  distances: { count: number }[]
  stations: SeasonStation[]
  /** Sessions whose air nobody said. */
  airs: SessionsWithoutAir[]
  /** Only the plain card may be shown until then; null where no competition round is under way. */
  competitionUntilMs: number | null
}

/** The card of the golfer's day, with what the season picture needs; null before the first bag. */
export function courseView(db: Database, golfer: Golfer, nowMs: number): CourseView | null {
  const ofDay = courseDay(db, golfer, nowMs)
  if (!ofDay) return null
  const { inDay, ...view } = ofDay
  return {
    golfer,
    ...view,
    venues: venuesOf(db, golfer.id),
    distances: inDay.stocks.map(({ count }) => ({ count })),
    stations: seasonStations(clubsInOrder(view.bag), inDay),
    airs: sessionsToAsk(db, golfer, nowMs),
    competitionUntilMs: plainCardUntil(db, golfer.id, nowMs),
  }
}
