import { refuse, route } from '@/app/server/answer'
import { answerChangedBay } from '@/app/server/answer-bay'
import { ownedSession } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { undoLast } from '@/store/shots'

/** Undoes the golfer's last action in this session that still stands. */
export const POST = route<{ sessionId: string }>((_request, { sessionId }) => {
  const session = ownedSession(sessionId)
  if (!undoLast(theDatabase(), session.id, Date.now()))
    refuse(409, '', 'There is nothing left to undo in this session.')
  return answerChangedBay(session.id)
})
