import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { SessionId } from '@/core/ids'
import type { Receiving } from '@/core/monitor/receiving'
import type { Action } from '@/core/session/action'
import type { Conditions } from '@/core/session/conditions'
import type { Expectation } from '@/core/session/expectation'
import type { PlannedBlock } from '@/core/session/plan'
import type { Session } from '@/core/session/session'
import type { SetUp } from '@/core/session/set-up'
import type { SessionShot } from '@/core/session/session-shot'
import type { StationShots } from '../gaps/station-shots'

/** What the Bay shows of one session. */
export type BayView = {
  golfer: Golfer
  bag: Bag
  session: Session
  /** The shots of this session that are there, in the order in which they came. */
  shots: SessionShot[]
  /** What all sessions say, and the shots behind it. */
  analysis: BagAnalysis
  history: StationShots
  /** What the session set out to hit; empty without a plan. */
  plan: PlannedBlock[]
  /** What the next shot will be hit in. */
  now: Conditions
  setUp: SetUp | null
  /** What undo would take back, and redo do again. */
  undo: Action | null
  redo: Action | null
  /** Where the monitors' shots go. */
  receiving: Receiving
  /** Shots that came while nobody received. */
  waiting: { id: SessionId; shots: number }[]
  /** What the golfer expects of its stations. */
  expectations: Expectation[]
}

/** When the range was last known to be clear: it was said, or a ball was hit after it was. Null before the first time. */
export const lastClearMs = ({ session, shots }: BayView): number | null =>
  session.clearMs === null
    ? null
    : Math.max(
        session.clearMs,
        ...shots.flatMap(({ source, heldBecause, hitMs }) =>
          source !== 'file' && heldBecause !== 'range-not-clear' ? [hitMs] : [],
        ),
      )
