import type { ClubId, SessionId, ShotId } from '../model/ids'
import type { Conditions } from './conditions'
import type { HeldReason } from '../model/held-reason'
import type { Mark } from '../model/mark'
import type { Flight } from '../shots/flight-fields'
import type { Swing } from '../model/station'

/** A shot as it stands now, after all that happened to it. */
export type SessionShot = Flight & {
  /** Its place among all shots ever taken. */
  seq: number
  id: ShotId
  sessionId: SessionId
  source: 'typed' | 'monitor' | 'file'
  hitMs: number
  /** The monitor that measured it; null where nobody said. */
  monitor: string | null
  /** The club as the source named it. */
  clubLabel: string | null
  clubId: ClubId | null
  swing: Swing
  mark: Mark | null
  /** Why the shot waits for the golfer; null when it does not. */
  heldBecause: HeldReason | null
  posted: string | null
  /** What it was hit in, where that differs from the session's set-up. */
  conditions: Conditions
}
