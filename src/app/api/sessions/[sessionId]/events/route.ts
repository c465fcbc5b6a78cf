import { bayRoute, bodyForm, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireShot, requireClub, requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { saySession } from '@/store/session-events'
import { EVENT_FORM } from '@/formats/forms'

/** Warm-up begins or ends, the wind gets up, a station is expected to carry so far: one action each. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { fromShotId, ...event } = await bodyForm(request, EVENT_FORM)
  if (event.kind === 'expectation') requireClub(session.golferId, event.clubId)
  const from = fromShotId === undefined ? null : requireShot(session.golferId, fromShotId)
  if (from && from.sessionId !== session.id)
    refuse(422, 'fromShotId', 'That shot is of another session: choose one of this session.')
  saySession(theDatabase(), session.id, event, Date.now(), from?.seq ?? null)
  return bayResponse(session.id)
})
