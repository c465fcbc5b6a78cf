import { clubsInOrder } from '@/core/bag/bag'
import type { ClubKind } from '@/core/bag/club'
import { airOfDay, type Day } from '@/core/session/day'
import type { OnCourse } from '@/core/course/day-card'
import type { Golfer } from '@/core/model/golfer'
import { bayToCourse, stockInRound, type BayToCourse, type CourseCarry } from '@/core/rounds/bay-to-course'
import type { Round, RoundDay } from '@/core/rounds/round'
import { atStation } from '@/core/model/station'
import { isOfShots } from '@/core/stock/stock'
import { STOCK_AGE_MS } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { asOnCourse, roundsOf } from '@/store/rounds'
import { bagAnalysis } from './bag-analysis'

/** A round's air without wind: each shot of it had its own. */
const calmDay = (day: RoundDay): Day => ({ ...day, place: null, tailwindMps: 0, crosswindMps: 0 })

/** What a golfer's shots on the course were off those in the bay, by kind of club. */
export const bayToCourseOf = (db: Database, golfer: Golfer, nowMs: number): BayToCourse[] =>
  bayToCourse(courseCarries(db, golfer, roundsOf(db, golfer.id), nowMs))

/** Carries on the course in the last twelve months beside the stock of each shot's station in the air of its round. */
function courseCarries(db: Database, golfer: Golfer, rounds: readonly Round[], nowMs: number): CourseCarry[] {
  const found = bagAnalysis(db, golfer, nowMs)
  if (!found) return []
  const clubs = clubsInOrder(found.bag)
  return rounds
    .filter(({ openedMs }) => openedMs > nowMs - STOCK_AGE_MS)
    .flatMap(({ shots, day }) => {
      const air = day && airOfDay(calmDay(day))
      return shots.flatMap((shot): CourseCarry[] => {
        const club = clubs.find(({ id }) => id === shot.clubId)
        const stock = atStation(found.analysis.stocks, shot)
        return club && isOfShots(stock) && shot.carryM !== null
          ? [{ kind: club.kind, carryM: shot.carryM, stockM: stockInRound(stock, club, air) }]
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
