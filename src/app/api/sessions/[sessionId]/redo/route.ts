import { bayRoute, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { redoLast } from '@/store/journal'

/** Does again what was undone last in this session. */
export const POST = bayRoute('session', (_request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  if (!redoLast(theDatabase(), session.id))
    refuse(409, '', 'There is nothing to do again: something was done since.')
  return bayResponse(session.id)
})
