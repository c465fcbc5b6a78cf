import type { ClubDetails } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { GolferId, SessionId } from '@/core/model/ids'
import type { Place } from '@/core/model/session'
import { startBag } from './bags'
import { beginSession } from './begin-session'
import type { Database } from './database'
import { addGolfer } from './golfers'

type ArrivalWith = Pick<Golfer, 'name' | 'hand' | 'lengthUnit' | 'speedUnit'> & {
  golferId: GolferId
  sessionId: SessionId
  clubs: readonly ClubDetails[]
  place: Place
  offsetMin: number
  receives: boolean
}

/** What is of another golfer's club, and not of the club. */
const ofItsOwner = { liking: undefined, oneLie: undefined, job: undefined } as const

/** A club as another golfer begins with it. */
const copied = ({ name, kind, loftDeg, build }: ClubDetails): ClubDetails => ({
  ...{ name, kind, loftDeg },
  ...(build && {
    build: Object.fromEntries(Object.entries(build).filter(([field]) => !(field in ofItsOwner))),
  }),
})

/** A golfer who is new here, with a bag and an open session: all of it or nothing. */
export const arrive = (
  db: Database,
  { golferId, sessionId, clubs, place, offsetMin, receives, ...settings }: ArrivalWith,
  nowMs: number,
): 'arrived' | 'name-taken' =>
  db
    .transaction(() => {
      if (addGolfer(db, golferId, { ...settings, goalZoneM: null }, nowMs) === 'name-taken')
        return 'name-taken' as const
      startBag(db, golferId, { name: 'My bag', clubs: clubs.map(copied) }, nowMs)
      const start = { id: sessionId, place, offsetMin, rangeClear: true, takesOver: receives }
      if (beginSession(db, golferId, start, nowMs) === null)
        throw new Error('a bag without a club to hit was started')
      return 'arrived' as const
    })
    .immediate()
