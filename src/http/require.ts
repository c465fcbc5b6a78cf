import type { Golfer } from '@/core/model/golfer'
import type { ClubId, GolferId, RoundId, SessionId, ShotId, VisitId } from '@/core/model/ids'
import type { Session } from '@/core/model/session'
import { clubsOf } from '@/store/clubs'
import { theDatabase } from '@/store/database'
import { golferById } from '@/store/golfers'
import { roundById, type StoredRound } from '@/store/rounds'
import { sessionById } from '@/store/sessions'
import { shotById, type StoredShot } from '@/store/shots'
import { visitById } from '@/store/visits'
import type { Visit } from '@/core/coach/visit'
import { refuse } from './route'

/** What a request names, or a refusal that says what is not there. */

export const requireGolfer = (id: string): Golfer =>
  golferById(theDatabase(), id as GolferId) ??
  refuse(404, 'golfer', 'There is no such golfer here: choose one in the head of the page.')

export const requireSession = (id: string): Session =>
  sessionById(theDatabase(), id as SessionId) ??
  refuse(404, 'session', 'There is no such session here: choose one in the Log.')

/** A session that has its golfer. */
export function requireOwnedSession(id: string): Session & { golferId: GolferId } {
  const { golferId, ...session } = requireSession(id)
  if (golferId === null)
    return refuse(409, 'session', 'These shots have no golfer yet: assign them in the Log first.')
  return { ...session, golferId }
}

/** @param removed one that was removed is meant as well */
export const requireRound = (id: string, removed = false): StoredRound =>
  roundById(theDatabase(), id as RoundId, removed) ??
  refuse(404, 'round', 'There is no such round here: choose one in the Log.')

/** A shot of the golfer's. */
export function requireShot(golferId: GolferId, id: string): StoredShot {
  const shot = shotById(theDatabase(), id as ShotId)
  return shot && requireSession(shot.sessionId).golferId === golferId
    ? shot
    : refuse(404, 'shot', 'There is no such shot here: it may have been undone.')
}

export const requireVisit = (id: string): Visit =>
  visitById(theDatabase(), id as VisitId) ??
  refuse(404, 'visit', 'There is no such visit here: choose one on the desk.')

export function requireClub(golferId: GolferId, clubId: ClubId): ClubId {
  const own = clubsOf(theDatabase(), golferId).some((club) => club.id === clubId)
  return own ? clubId : refuse(422, 'clubId', 'This golfer has no such club: choose one of the bag.')
}
