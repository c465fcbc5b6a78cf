import type { ClubKind } from '@/core/bag/club'
import { airOfDay, type Day } from '@/core/flight/day'
import type { OnCourse } from '@/core/flight/day-card'
import type { Golfer } from '@/core/golfer'
import { bayToCourse, type BayToCourse, type CourseCarry } from '@/core/rounds/bay-to-course'
import type { Round, RoundDay } from '@/core/rounds/round'
import { atStation } from '@/core/station'
import type { Database } from '@/store/database'
import { asOnCourse, roundsOf } from '@/store/rounds'
import { bagAnalysis } from './bag-analysis'

/** So many of the newest rounds with carries are looked at: each is a day of its own. */
const MOST_ROUNDS = 20

/** A round's air without wind: each shot of it had its own. */
export const calmDay = (day: RoundDay): Day => ({ ...day, place: null, tailwindMps: 0, crosswindMps: 0 })

/** What a golfer's shots on the course were off those in the bay, by kind of club. */
export const bayToCourseOf = (db: Database, golfer: Golfer, nowMs: number): BayToCourse[] =>
  bayToCourse(courseCarries(db, golfer, roundsOf(db, golfer.id), nowMs))

/** Carries on the course beside the stock of each shot's station in the air of its round, or as hit where nobody said it. */
function courseCarries(db: Database, golfer: Golfer, rounds: readonly Round[], nowMs: number): CourseCarry[] {
  return rounds
    .filter(({ shots }) => shots.some(({ carryM }) => carryM !== null))
    .slice(0, MOST_ROUNDS)
    .flatMap(({ shots, day }) => {
      const found = bagAnalysis(db, golfer, nowMs, day && airOfDay(calmDay(day)))
      if (!found) return []
      return shots.flatMap((shot): CourseCarry[] => {
        const kind = found.bag.clubs.find(({ id }) => id === shot.clubId)?.kind
        const stockM = atStation(found.analysis.stocks, shot)?.carryM
        return kind && stockM !== undefined && shot.carryM !== null
          ? [{ kind, carryM: shot.carryM, stockM }]
          : []
      })
    })
}

/** What the golfer's card takes on, by kind of club: only what is offered still, and only where it was asked for. */
export function onCourseApplied(db: Database, golfer: Golfer, nowMs: number): Map<ClubKind, OnCourse> {
  const wanted = asOnCourse(db, golfer.id)
  if (wanted.length === 0) return new Map()
  return new Map(
    bayToCourseOf(db, golfer, nowMs)
      .filter(({ kind, offered }) => offered && wanted.includes(kind))
      .map(({ kind, byM, halfM }) => [kind, { byM, halfM }]),
  )
}
