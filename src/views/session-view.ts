import type { Golfer } from '@/core/model/golfer'
import { expectationsFound, type ExpectationFound } from '@/core/stock/expectation'
import type { Session } from '@/core/model/session'
import type { MonitorProfile } from '@/core/session/set-up'
import type { Database } from '@/store/database'
import { expectationsOfGolfer } from '@/store/session-events'
import { monitorProfiles } from '@/store/set-ups'
import type { GapsToFix } from '@/core/refit/refit'
import { adviceOfClubs, bagRefit } from './bag-refit'
import { bayView, type BayView } from './bay-view'
import { checksSeen, trialSeen, type CheckSeen, type TrialSeen } from './session-compared'

export type SessionView = {
  view: BayView
  /** What was expected beside what was found: in this session, and in all. */
  expected: { here: ExpectationFound[]; all: ExpectationFound[] }
  profiles: MonitorProfile[]
  /** What it settles of two stations that were tried against each other, where that was its plan. */
  trial: TrialSeen | null
  /** What it says of stocks that had grown old. */
  checks: CheckSeen[]
  /** What to do about the gaps of the clubs that were hit. */
  gapsToFix: GapsToFix
}

/** What a session came to. */
export function sessionView(
  db: Database,
  golfer: Golfer,
  session: Session,
  nowMs: number,
): SessionView | null {
  const view = bayView(db, golfer, session, nowMs)
  if (!view) return null
  const { stocks } = view.analysis
  return {
    view,
    expected: {
      here: expectationsFound(view.expectations, stocks),
      all: expectationsFound(expectationsOfGolfer(db, golfer.id), stocks),
    },
    profiles: monitorProfiles(db, golfer.id),
    checks: checksSeen(db, golfer, view.bag, session, nowMs),
    gapsToFix: adviceOfClubs(
      bagRefit(db, golfer, nowMs)?.refit,
      new Set(view.shots.flatMap(({ clubId }) => clubId ?? [])),
    ),
    trial: trialSeen(db, golfer, view.bag, { sessionId: session.id, plan: view.plan }, nowMs),
  }
}
