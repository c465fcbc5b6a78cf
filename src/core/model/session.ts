import type { GolferId, SessionId } from './ids'
import type { Station } from './station'

export const PLACES = ['indoor', 'range', 'course'] as const
export type Place = (typeof PLACES)[number]

/** One visit. Times are milliseconds since 1970, with the offset of the place in minutes. */
export type Session = {
  id: SessionId
  /** Null: shots that came while nothing was open, and wait for their golfer. */
  golferId: GolferId | null
  startedMs: number
  offsetMin: number
  place: Place | null
  endedMs: number | null
  /** When something hurt: the session stops there. */
  injuryStopMs: number | null
  /** A rest of so many seconds after so many shots; none where it is 0. */
  restEvery: number
  restS: number
  /** A station that is settled needs no more of its planned shots. */
  untilSettled: boolean
  /** The golfer leaves its air unsaid. */
  airLeft: boolean
  /** The station that is open in the bay. */
  open: Station | null
}
export type SessionSummary = Session & { shots: number; clubs: number; held: number; files: number }
