import { bayRoute, bodyForm } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { keepSetUp } from '@/store/set-ups'
import { SET_UP_FORM } from '@/formats/set-up-form'

/** How the session is set up, said or mended at any time. */
export const PUT = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  keepSetUp(theDatabase(), session.golferId, session.id, await bodyForm(request, SET_UP_FORM))
  return bayResponse(session.id)
})
