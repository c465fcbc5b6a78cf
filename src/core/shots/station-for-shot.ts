import { type HeldReason } from '../model/held-reason'
import type { ClubId } from '../model/ids'
import { isPlausibleCarry } from './plausible-carry'
import { FULL_SWING, swingFrom, TEED_SWING, type StationLie, type Swing } from '../model/station'

/** A device may hand in what it kept for this long. */
const OLDEST_MS = 30 * 24 * 3600_000
/** Two clocks differ by as much as this. */
const AHEAD_MS = 10 * 60_000

/** Whether a device dates a shot as no clock that goes right could: long ago, or later than now. */
export const clockIsOff = (hitMs: number | null, nowMs: number): boolean =>
  hitMs !== null && (hitMs > nowMs + AHEAD_MS || hitMs < nowMs - OLDEST_MS)

type Posted = {
  carryM: number | null
  clubLabel: string | null
  swing: Swing | null
  lie: StationLie | null
  unknownFields: string[]
  clockIsOff: boolean
  /** Another monitor has just sent what may be the same ball. */
  isSecond: boolean
}

/**
 * The station of a shot that came from a monitor. The open station gives the club and the swing that
 * the post has not; where the two differ the shot is held until the golfer says which was hit.
 * @param labelled the club that the post's label means, null when it means none
 * @param open the station that is open in the bay, null when none is
 */
export function stationForShot(
  posted: Posted,
  labelled: ClubId | null,
  open: { clubId: ClubId; swing: Swing } | null,
): { clubId: ClubId | null; swing: Swing; heldBecause: HeldReason | null } {
  // A device that knows no tees calls a shot off one full: the open station says where the ball lay.
  const full = open?.swing === TEED_SWING && posted.lie === null ? TEED_SWING : FULL_SWING
  const postedSwing = swingFrom(posted.lie, posted.swing)
  const swing = (postedSwing === FULL_SWING ? full : postedSwing) ?? open?.swing ?? FULL_SWING
  const clubId = posted.clubLabel === null ? (open?.clubId ?? null) : labelled
  const heldBecause = ((): HeldReason | null => {
    if (!open) return 'no-station'
    if (clubId === null) return 'unknown-club'
    if (posted.unknownFields.length > 0) return 'unknown-field'
    if (posted.clockIsOff) return 'clock-off'
    if (posted.isSecond) return 'second-monitor'
    if (!isPlausibleCarry(posted.carryM)) return 'implausible-carry'
    return clubId !== open.clubId || swing !== open.swing ? 'other-station' : null
  })()
  return { clubId, swing, heldBecause }
}
