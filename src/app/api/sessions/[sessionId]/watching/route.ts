import { WATCHING_FORM } from '@/formats/monitor-forms'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { bayRoute, bodyForm } from '@/http/route'
import { theDatabase } from '@/store/database'
import { setWatching } from '@/store/monitors'

/** A monitor only watches in this session: what it says is compared, and in no stock; or it counts after all. */
export const PUT = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  setWatching(theDatabase(), session.id, await bodyForm(request, WATCHING_FORM), Date.now())
  return bayResponse(session.id)
})
