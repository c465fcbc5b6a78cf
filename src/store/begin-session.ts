import type { GolferId, SessionId } from '@/core/model/ids'
import type { Plan } from '@/core/session/plan'
import type { Place } from '@/core/model/session'
import type { SetUp } from '@/core/session/set-up'
import { FULL_SWING } from '@/core/model/station'
import { bagOf } from './bags'
import type { Database } from './database'
import { keepPlan } from './plans'
import { beginReceiving, takeOver } from './receivers'
import { saySession } from './session-events'
import { openStation, startSession } from './sessions'
import { keepSetUp } from './set-ups'
import { dropWanted } from './swings'

type SessionStart = {
  id?: SessionId
  place: Place
  offsetMin: number
  plan?: Plan
  setUp?: SetUp
  rangeClear?: boolean
  warmUp?: boolean
  /** Every monitor's shots come here, whoever took them before. */
  takesOver?: boolean
}

/**
 * Starts a golfer's session, all of it or nothing, with the first station of its plan open; without a plan that of the shortest
 * club: common practice warms up with it.
 * @returns null where the bag has no club to hit
 */
export const beginSession = (
  db: Database,
  golferId: GolferId,
  { id, plan, setUp, rangeClear, warmUp, takesOver, place, offsetMin }: SessionStart,
  nowMs: number,
): SessionId | null =>
  db
    .transaction(() => {
      const shortest = bagOf(db, golferId)?.clubs.findLast(({ kind }) => kind !== 'putter')
      if (!shortest) return null
      const sessionId = startSession(
        db,
        { golferId, startedMs: nowMs, offsetMin, place, ...(rangeClear && { clearMs: nowMs }) },
        id,
      )
      if (plan) keepPlan(db, sessionId, plan)
      plan?.blocks.forEach((block) => dropWanted(db, golferId, block))
      if (setUp) keepSetUp(db, golferId, sessionId, setUp)
      if (warmUp) saySession(db, sessionId, { kind: 'warm-up', on: true }, nowMs)
      if (takesOver) takeOver(db, sessionId, null, nowMs)
      else beginReceiving(db, sessionId, nowMs)
      openStation(db, sessionId, plan?.blocks[0] ?? { clubId: shortest.id, swing: FULL_SWING }, nowMs)
      return sessionId
    })
    .immediate()
