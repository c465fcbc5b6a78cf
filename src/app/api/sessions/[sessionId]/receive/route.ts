import { bodyForm, refuse, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { takeOver } from '@/store/receivers'
import { RECEIVE_FORM } from '@/formats/forms'

/** The monitor's shots come to this session from now on. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { monitor } = await bodyForm(request, RECEIVE_FORM)
  if (session.endedMs !== null || session.hurtMs !== null)
    refuse(409, '', 'This session is over and takes no shots: open a new one, or go on with it first.')
  takeOver(theDatabase(), session.id, monitor, Date.now())
  return answerChangedBay(session.id)
})
