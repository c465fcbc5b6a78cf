import { bodyForm, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { keepSetUp } from '@/store/set-ups'
import { SET_UP_FORM } from '@/formats/set-up-form'

/** How the session is set up, said or mended at any time. */
export const PUT = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  keepSetUp(theDatabase(), session.golferId, session.id, await bodyForm(request, SET_UP_FORM))
  return answerChangedBay(session.id)
})
