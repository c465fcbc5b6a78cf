import { bayRoute, bodyForm, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { undoLast } from '@/store/journal'
import { UNDO_FORM } from '@/formats/forms'

/** Undoes the golfer's last action in this session that still stands. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { batch } = await bodyForm(request, UNDO_FORM)
  const outcome = undoLast(theDatabase(), session.id, Date.now(), batch)
  if (outcome === 'nothing') refuse(409, '', 'There is nothing left to undo in this session.')
  if (outcome === 'something-newer')
    refuse(409, '', 'Something newer came meanwhile: nothing was undone. Look again, then undo.')
  return bayResponse(session.id)
})
