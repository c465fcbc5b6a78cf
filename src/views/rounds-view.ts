import type { Bag } from '@/core/bag/bag'
import type { Stretch } from '@/core/model/coverage'
import type { Golfer } from '@/core/model/golfer'
import { goalZoneOf } from '@/core/rounds/demand'
import { demandBetween, byDemand, type Demand } from '@/core/gaps/demand'
import type { BayToCourse } from '@/core/rounds/bay-to-course'
import type { Round } from '@/core/rounds/round'
import { leavesGap, notHit, clubUse, type ClubUse, type GapLeftByClub } from '@/core/rounds/use'
import type { ClubKind } from '@/core/bag/club'
import { atStation, fullSwingOf } from '@/core/model/station'
import type { ClubId } from '@/core/model/ids'
import { dayOf, venuesOf } from '@/store/course-days'
import type { Database } from '@/store/database'
import { asOnCourse, roundsOf } from '@/store/rounds'
import { comparedBag } from './bag-analysis'
import { bayToCourseOf } from './bay-to-course-view'
import { demandOf } from './demand-view'

type UncoveredDemand = { range: Stretch; shots: number; aRound: number }
export type RoundsView = {
  golfer: Golfer
  bag: Bag
  rounds: (Omit<Round, 'shots'> & { shots: number })[]
  use: (ClubUse & { without: GapLeftByClub | null })[]
  /** Clubs that none of the newest rounds has. */
  unused: ClubId[]
  demand: Demand
  /** The holes of the bag, those that were faced most often first. */
  uncovered: UncoveredDemand[]
  /** Proposed from what was faced; null before there is enough. */
  zone: Stretch | null
  bayToCourse: BayToCourse[]
  /** Kinds of club whose card takes that on. */
  applied: ClubKind[]
  /** Where the golfer plays, the place of the day first. */
  venues: string[]
}

/** A golfer's rounds, and what they say of the bag; null before the first bag. */
export function roundsView(db: Database, golfer: Golfer, nowMs: number): RoundsView | null {
  const compared = comparedBag(db, golfer, nowMs)
  if (!compared) return null
  const { bag, analysis } = compared
  const rounds = roundsOf(db, golfer.id)
  const demand = demandOf(db, golfer, analysis, nowMs, rounds)
  const clubs = bag.clubs.filter(({ kind }) => kind !== 'putter')
  const ironM = clubs
    .filter(({ kind }) => kind === 'iron')
    .flatMap(({ id }) => atStation(analysis.stocks, fullSwingOf(id))?.carryM ?? [])
  return {
    golfer,
    bag,
    rounds: rounds.map((round) => ({ ...round, shots: round.shots.length })),
    use: clubUse(clubs, rounds).map((each) => ({
      ...each,
      without: leavesGap(clubs, analysis.stocks, each.clubId),
    })),
    unused: notHit(clubs, rounds),
    demand,
    uncovered: byDemand(analysis.uncovered, demand).map((range) => ({
      range,
      ...demandBetween(demand, range),
    })),
    zone: ironM.length > 0 ? goalZoneOf(demand, Math.max(...ironM)) : null,
    bayToCourse: bayToCourseOf(db, golfer, nowMs),
    applied: asOnCourse(db, golfer.id),
    venues: venuesPlayed(db, golfer, rounds),
  }
}

function venuesPlayed(db: Database, { id }: Golfer, rounds: readonly Round[]): string[] {
  const named = [
    dayOf(db, id)?.day.place,
    ...rounds.map(({ place }) => place),
    ...venuesOf(db, id).map(({ name }) => name),
  ]
  return [...new Set(named.filter((place) => typeof place === 'string'))]
}
