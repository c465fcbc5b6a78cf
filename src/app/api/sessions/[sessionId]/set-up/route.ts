import { bodyForm, route } from '@/app/server/answer'
import { answerChangedBay } from '@/app/server/answer-bay'
import { ownedSession } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { keepSetUp } from '@/store/set-ups'
import { SET_UP_FORM } from '@/wire/set-up-form'

/** How the session is set up, said or mended at any time. */
export const PUT = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  keepSetUp(theDatabase(), session.golferId, session.id, await bodyForm(request, SET_UP_FORM))
  return answerChangedBay(session.id)
})
