import { refuse, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { redoLast } from '@/store/journal'

/** Does again what was undone last in this session. */
export const POST = route<{ sessionId: string }>((_request, { sessionId }) => {
  const session = ownedSession(sessionId)
  if (!redoLast(theDatabase(), session.id))
    refuse(409, '', 'There is nothing to do again: something was done since.')
  return answerChangedBay(session.id)
})
