import { bayRoute, bodyForm } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { sayClear } from '@/store/range-clear'
import { CLEAR_FORM } from '@/formats/forms'

/** Nobody is in front: shots that waited for that word are taken. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { atMs } = await bodyForm(request, CLEAR_FORM)
  sayClear(theDatabase(), session.id, atMs, Date.now())
  return bayResponse(session.id)
})
