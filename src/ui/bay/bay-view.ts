import type { BagAnalysis } from '@/core/analyse-bag'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Block } from '@/core/session/plan'
import type { Session } from '@/core/session/session'
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
  plan: Block[]
}
