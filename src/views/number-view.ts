import { clubsInOrder } from '@/core/bag/bag'
import { courseShots, type CourseShot } from '@/core/course/course-shots'
import type { Golfer } from '@/core/model/golfer'
import type { Database } from '@/store/database'
import { courseDay, type CourseDay } from './course-view'
import { plainCardUntil } from './competition'

/** The data of the number picker and the offline card. */
export type NumberView = Pick<CourseDay, 'bag' | 'day' | 'setMs' | 'card'> & {
  golfer: Golfer
  shots: CourseShot[]
  /** Only the plain card may be shown until then. */
  competitionUntilMs: number | null
}

/** A golfer's shots in the air of the day, for a number on the course; null before the first bag. */
export function numberView(db: Database, golfer: Golfer, nowMs: number): NumberView | null {
  const ofDay = courseDay(db, golfer, nowMs)
  if (!ofDay) return null
  const { bag, day, setMs, card, inDay } = ofDay
  return {
    golfer,
    bag,
    day,
    setMs,
    card,
    shots: courseShots(clubsInOrder(bag), day, card, inDay),
    competitionUntilMs: plainCardUntil(db, golfer.id, nowMs),
  }
}
