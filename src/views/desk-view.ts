import { DAY_MS } from '@/core/units'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId } from '@/core/model/ids'
import type { SessionSummary } from '@/core/model/session'
import { followUpState, type FollowUpState } from '@/core/coach/follow-up'
import { whatIsOpen } from '@/core/coach/what-is-open'
import { noticesFor, type CoachNotice } from '@/core/coach/notices'
import type { Visit } from '@/core/coach/visit'
import { weekAhead, type DeskDay } from '@/core/coach/week'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import { allGolfers } from '@/store/golfers'
import { receivedBy } from '@/store/receivers'
import { roundsOf } from '@/store/rounds'
import { currentSession, sessionsOf, waitingSessions } from '@/store/sessions'
import { afterPlayOf, deskSettings, visitsBetween, visitsOf, type DeskSettings } from '@/store/visits'
import { comparedBag } from './bag-analysis'

/** A follow-up of a visit that nobody has answered yet. */
export type OpenFollowUp = { visit: Visit; state: FollowUpState }

/** A golfer at a glance. */
export type DeskRow = {
  golfer: Pick<Golfer, 'id' | 'name' | 'hand'>
  bag: string | null
  last: SessionSummary | null
  /** The session that is open now. */
  isHitting: boolean
  /** Gaps of the bag whose verdict is settled, of all that were hit. */
  settled: { settled: number; of: number }
  notices: CoachNotice[]
  followUp: OpenFollowUp | null
  /** The monitors whose shots go to this golfer. */
  receives: string[]
  next: Visit | null
  /** What to hit next, as the numbers have it. */
  toHit: { name: string; shots: number }[]
}

export type DeskView = DeskSettings & {
  rows: DeskRow[]
  /** Today and the days of the week ahead that have visits. */
  days: DeskDay<Visit>[]
  /** Shots that came while nothing was open. */
  waiting: SessionSummary[]
  nowMs: number
  /** Of the clock by which its days are. */
  offsetMin: number
}

const WEEK_MS = 7 * DAY_MS
/** A visit that began so long ago is still the one that is on. */
const OPEN_SESSION_MS = 3 * 3_600_000

/** The coach's desk: everybody at a glance, and the week ahead. */
export function deskView(db: Database, nowMs: number, offsetMin: number): DeskView {
  const rows = allGolfers(db).map((golfer) => deskRow(db, golfer, nowMs))
  return {
    ...deskSettings(db),
    rows,
    days: weekAhead(visitsBetween(db, nowMs - WEEK_MS, nowMs + 2 * WEEK_MS), { nowMs, offsetMin }),
    waiting: waitingSessions(db),
    nowMs,
    offsetMin,
  }
}

function deskRow(db: Database, golfer: Golfer, nowMs: number): DeskRow {
  const analysed = comparedBag(db, golfer, nowMs)
  const { settled, open: unsettled } = whatIsOpen(analysed?.analysis.gaps ?? [])
  const last = sessionsOf(db, golfer.id, { most: 30 }).find(({ shots }) => shots > 0) ?? null
  const open = currentSession(db, golfer.id, nowMs)
  const visits = visitsOf(db, golfer.id)
  return {
    golfer: { id: golfer.id, name: golfer.name, hand: golfer.hand },
    bag: bagOf(db, golfer.id)?.name ?? null,
    last,
    isHitting: open !== null && open.injuryStopMs === null,
    settled: { settled: settled.length, of: settled.length + unsettled.length },
    notices: noticesFor(analysed?.analysis ?? { warnings: [], gaps: [] }, last?.held ?? 0),
    followUp: openFollowUp(db, golfer.id, visits, nowMs),
    receives: receivedBy(db, golfer.id, nowMs),
    toHit: (analysed?.analysis.next ?? []).map(({ clubId, shots }) => ({
      name: analysed?.bag.clubs.find(({ id }) => id === clubId)?.name ?? '',
      shots,
    })),
    next: visits.findLast(({ atMs, endedMs }) => endedMs === null && atMs > nowMs - OPEN_SESSION_MS) ?? null,
  }
}

/** The follow-up of the newest visit that asks for one, unless the golfer has said how it went. */
export function openFollowUp(
  db: Database,
  golferId: GolferId,
  visits: readonly Visit[],
  nowMs: number,
): OpenFollowUp | null {
  const visit = visits.find(({ followUp, atMs }) => followUp !== null && atMs <= nowMs)
  if (!visit?.followUp || afterPlayOf(db, visit.id)) return null
  const rounds = roundsOf(db, golferId).filter(({ openedMs }) => openedMs > visit.atMs).length
  return { visit, state: followUpState(visit.followUp, { fromMs: visit.atMs, nowMs, rounds }) }
}
