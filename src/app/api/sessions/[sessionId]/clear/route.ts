import { bodyForm, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { sayClear } from '@/store/range-clear'
import { CLEAR_FORM } from '@/formats/forms'

/** Nobody is in front: shots that waited for that word are taken. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { atMs } = await bodyForm(request, CLEAR_FORM)
  sayClear(theDatabase(), session.id, atMs)
  return answerChangedBay(session.id)
})
