import { parseScope, SCOPE_HEADER } from '@/http/gateway/scope'
import { bayRoute, bodyForm, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { takeOver } from '@/store/receivers'
import { RECEIVE_FORM } from '@/formats/forms'

/** The monitor's shots come to this session from now on. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { monitor } = await bodyForm(request, RECEIVE_FORM)
  if (session.endedMs !== null || session.injuryStopMs !== null)
    refuse(409, '', 'This session has ended: start a new one, or continue it first.')
  // A phone in one golfer's bay takes no monitor from another golfer.
  const onlyFree = parseScope(request.headers.get(SCOPE_HEADER)).kind === 'bay'
  if (takeOver(theDatabase(), session.id, monitor, Date.now(), { onlyFree }) === 'elsewhere')
    refuse(409, 'monitor', 'This monitor sends to another golfer. Take it over on the desk.')
  return bayResponse(session.id)
})
