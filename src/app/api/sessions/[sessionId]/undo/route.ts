import { bodyForm, refuse, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { undoLast } from '@/store/journal'
import { UNDO_FORM } from '@/formats/forms'

/** Undoes the golfer's last action in this session that still stands. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { batch } = await bodyForm(request, UNDO_FORM)
  const outcome = undoLast(theDatabase(), session.id, Date.now(), batch)
  if (outcome === 'nothing') refuse(409, '', 'There is nothing left to undo in this session.')
  if (outcome === 'something-newer')
    refuse(409, '', 'Something newer came meanwhile: nothing was undone. Look again, then undo.')
  return answerChangedBay(session.id)
})
