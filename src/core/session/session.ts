import type { ClubId, GolferId, SessionId } from '../ids'
import type { Swing } from '../shots/shot'

export const PLACES = ['indoor', 'range', 'course'] as const
export type Place = (typeof PLACES)[number]

/** One club with one swing. */
export type Station = { clubId: ClubId; swing: Swing }

/** One visit. Times are milliseconds since 1970, with the offset of the place in minutes. */
export type Session = {
  id: SessionId
  /** Null: shots that came while nothing was open, and wait for their golfer. */
  golferId: GolferId | null
  startedMs: number
  offsetMin: number
  place: Place | null
  endedMs: number | null
  /** The station that is open in the bay. */
  open: Station | null
}
export type SessionSummary = Session & { shots: number; clubs: number; held: number; files: number }
