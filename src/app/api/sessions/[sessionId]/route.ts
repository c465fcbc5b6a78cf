import { bayRoute, bodyForm, refuse } from '@/http/route'
import { requireGolfer, requireSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { claimWaiting } from '@/store/feed'
import { endSession, leaveAir, setPlace, stopForPain } from '@/store/sessions'
import { SESSION_CHANGE } from '@/formats/forms'

/** Ends a session or stops it for pain, sets its place, or gives waiting shots to their golfer. */
export const PATCH = bayRoute('session', async (request, { sessionId }) => {
  const session = requireSession(sessionId)
  const { ended, injuryStop, airLeft, golferId, place: place } = await bodyForm(request, SESSION_CHANGE)
  if (golferId !== undefined) {
    if (session.golferId !== null) refuse(409, 'golferId', 'These shots have their golfer already.')
    claimWaiting(theDatabase(), session.id, requireGolfer(golferId).id, Date.now())
  }
  if (place !== undefined) setPlace(theDatabase(), session.id, place)
  if (airLeft) leaveAir(theDatabase(), session.id)
  if (injuryStop !== undefined) stopForPain(theDatabase(), session.id, injuryStop ? Date.now() : null)
  if (ended) endSession(theDatabase(), session.id, Date.now())
  return Response.json({ id: session.id })
})
