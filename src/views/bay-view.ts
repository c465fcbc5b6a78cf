import { DAY_MS } from '@/core/units'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { eachOnce, USUAL_BALLS, type BallName } from '@/core/model/ball'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId, SessionId } from '@/core/model/ids'
import type { Receiving } from '@/core/shots/receiving'
import type { Action } from '@/core/session/action'
import type { Conditions } from '@/core/session/conditions'
import type { Expectation } from '@/core/session/session-event'
import { leftOfPlan, ownPace, type Block, type Pace, type PlannedBlock } from '@/core/session/plan'
import type { Place, Session } from '@/core/model/session'
import type { MonitorProfile, SetUp } from '@/core/session/set-up'
import type { SessionShot } from '@/core/session/session-shot'
import type { Database } from '@/store/database'
import { ballsNamed } from '@/store/balls'
import { allGolfers, golferById } from '@/store/golfers'
import { undoAndRedo } from '@/store/journal'
import { hitOfPlan, lastPlannedSession, planOf } from '@/store/plans'
import { lastClearMs } from '@/store/range-clear'
import { receivingOf } from '@/store/receivers'
import { conditionsOfShots, expectationsOf } from '@/store/session-events'
import { currentSession, lastUsedPlace, sessionById, sessionsOf, waitingSessions } from '@/store/sessions'
import { lastSetUp, monitorProfiles, setUpOf } from '@/store/set-ups'
import { shotsOfSession } from '@/store/shots'
import { wantedStations } from '@/store/swings'
import { bagAnalysis, rackAnalysis, type JudgedShots, type StationShots } from './bag-analysis'
import type { ChangeSeen } from './changed-clubs'
import type { Station } from '@/core/model/station'

/** What the Bay shows of one session. */
export type BayView = {
  golfer: Golfer
  bag: Bag
  session: Session
  /** When the range was last known to be clear; null before the first time. */
  lastClearMs: number | null
  /** The shots of this session that are there, in the order in which they came. */
  shots: SessionShot[]
  /** What all sessions say, with the judgement of this session's shots. */
  analysis: BagAnalysis
  /** The shots behind the stock of the open station. */
  history: StationShots
  /** Clubs that were changed of late, with what is expected of them. */
  changes: ChangeSeen[]
  /** What the session set out to hit; empty without a plan. */
  plan: PlannedBlock[]
  /** What the next shot will be hit in. */
  now: Conditions
  setUp: SetUp | null
  /** The balls that the golfer has named, and the usual ones. */
  balls: BallName[]
  /** What undo would take back, and redo do again. */
  undo: Action | null
  redo: Action | null
  /** Where the monitors' shots go. */
  receiving: Receiving
  /** Shots that came while nobody received. */
  waiting: { id: SessionId; shots: number }[]
  /** What the golfer expects of its stations. */
  expectations: Expectation[]
  /** The other golfers here, whose shots some of these may be. */
  others: Pick<Golfer, 'id' | 'name'>[]
}

/** The shots of a session with their conditions, without any analysis. */
export const sessionShots = (
  db: Database,
  { id, golferId }: Session & { golferId: GolferId },
  conditions = conditionsOfShots(db, golferId, [id]),
): SessionShot[] =>
  shotsOfSession(db, id).map((shot) => ({ ...shot, conditions: conditions(id, shot.seq, shot.source) }))

/** What the Bay shows of a session. */
export function bayView(db: Database, golfer: Golfer, session: Session, nowMs: number): BayView | null {
  const analysed = bagAnalysis(db, golfer, nowMs)
  if (!analysed) return null
  const { bag, changes } = analysed
  const conditions = conditionsOfShots(db, golfer.id, [session.id])
  const own = sessionShots(db, { ...session, golferId: golfer.id }, conditions)
  const plan = planOf(db, session.id)
  const ids = new Set(own.map(({ id }) => id))
  const inUse = new Set([
    session.open?.clubId,
    ...own.map(({ clubId }) => clubId),
    ...plan.map(({ clubId }) => clubId),
  ])
  const rack = bag.rack.some(({ id }) => inUse.has(id)) ? rackAnalysis(db, golfer, bag, nowMs) : null
  const analysis = rack ? withRack(analysed.analysis, rack) : analysed.analysis
  return {
    golfer,
    bag,
    session,
    lastClearMs: lastClearMs(db, session.id, nowMs),
    shots: own,
    now: conditions(session.id, Infinity),
    // Of earlier sessions the stocks are wanted, not every shot's judgement.
    analysis: { ...analysis, shots: analysis.shots.filter(({ shotId }) => ids.has(shotId)) },
    history: [...analysed.shots, ...(rack?.shots ?? [])].filter(
      ({ clubId, swing }) => clubId === session.open?.clubId && swing === session.open.swing,
    ),
    changes,
    plan,
    setUp: setUpOf(db, session.id),
    balls: eachOnce([...ballsNamed(db, golfer.id), ...USUAL_BALLS]),
    expectations: expectationsOf(db, session.id),
    ...undoAndRedo(db, session.id),
    receiving: receivingOf(db, session.id, nowMs),
    waiting: waitingSessions(db).map(({ id, shots }) => ({ id, shots })),
    others: allGolfers(db)
      .filter(({ id }) => id !== golfer.id)
      .map(({ id, name }) => ({ id, name })),
  }
}

/** What the Bay shows of a session, as JSON; null before the first bag. */
export function bayJson(db: Database, sessionId: SessionId, nowMs: number): string | null {
  const session = sessionById(db, sessionId)
  const golfer = session?.golferId && golferById(db, session.golferId)
  const view = golfer ? bayView(db, golfer, session, nowMs) : null
  return view && JSON.stringify(view)
}

/** The same as a device has it that is paired for this golfer's Bay alone: of others it hears nothing. */
export const ofOneGolfer = (view: BayView): BayView => ({
  ...view,
  waiting: [],
  others: [],
  undo: withoutNames(view.undo),
  redo: withoutNames(view.redo),
  receiving: {
    ...view.receiving,
    elsewhere: view.receiving.elsewhere.map((each) => ({ ...each, golfer: 'another golfer' })),
  },
})

const withoutNames = (action: Action | null): Action | null =>
  action?.kind === 'to-golfer' ? { ...action, from: 'one golfer', to: 'another' } : action

/** What the bag's shots say, with the stocks and shots of clubs that are on the rack. */
const withRack = (analysis: BagAnalysis, { stocks, judged }: JudgedShots): BagAnalysis => ({
  ...analysis,
  stocks: [...analysis.stocks, ...stocks],
  shots: [...analysis.shots, ...judged],
})

/** The session that the Bay shows: the one that is asked for, else the golfer's current one. */
export function sessionForBay(
  db: Database,
  golfer: Golfer,
  sessionId: string | undefined,
  nowMs: number,
): Session | null {
  const reopened = sessionId ? sessionById(db, sessionId as SessionId) : null
  return reopened?.golferId === golfer.id ? reopened : currentSession(db, golfer.id, nowMs)
}

/** What the page before a session is made from. */
export type BayStartView = {
  golfer: Golfer
  bag: Bag
  analysis: BagAnalysis
  pace: Pace
  /** Stations that the golfer put aside for the next plan. */
  wanted: Station[]
  unfinished: { startedMs: number; offsetMin: number; blocks: Block[] } | null
  lastSetUp: SetUp | null
  lastUsedPlace: Place | null
  profiles: MonitorProfile[]
  /** The newest session is of today and stopped since something hurt. */
  stoppedToday: { injuryStopMs: number; offsetMin: number } | null
}

/** What the page before a session needs to know: the bag, what was left of the last plan, and how the last session was set up. */
export function bayStartView(db: Database, golfer: Golfer, nowMs: number): BayStartView | null {
  const analysed = bagAnalysis(db, golfer, nowMs)
  if (!analysed) return null
  const { bag, analysis, shots } = analysed
  const last = lastPlannedSession(db, golfer.id)
  const session = last && sessionById(db, last)
  const [newest] = sessionsOf(db, golfer.id, { sinceMs: nowMs - DAY_MS, most: 1 })
  const blocks = session ? leftOfPlan(planOf(db, session.id), hitOfPlan(db, session)) : []
  return {
    golfer,
    bag,
    analysis,
    pace: ownPace(shots),
    wanted: wantedStations(db, golfer.id),
    unfinished:
      session && blocks.length > 0
        ? { startedMs: session.startedMs, offsetMin: session.offsetMin, blocks }
        : null,
    lastSetUp: lastSetUp(db, golfer.id),
    lastUsedPlace: lastUsedPlace(db, golfer.id),
    profiles: monitorProfiles(db, golfer.id),
    stoppedToday:
      newest && newest.injuryStopMs !== null && isSameDay(newest.injuryStopMs, nowMs, newest.offsetMin)
        ? { injuryStopMs: newest.injuryStopMs, offsetMin: newest.offsetMin }
        : null,
  }
}

const isSameDay = (aMs: number, bMs: number, offsetMin: number): boolean =>
  Math.floor((aMs + offsetMin * 60_000) / DAY_MS) === Math.floor((bMs + offsetMin * 60_000) / DAY_MS)
