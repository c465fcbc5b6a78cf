import { bodyForm, refuse, route } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireGolfer, requireOwnedSession, requireShot } from '@/http/require'
import { theDatabase } from '@/store/database'
import { moveToGolfer } from '@/store/move-to-golfer'
import { TO_GOLFER_FORM } from '@/formats/forms'

/** Shots that went to the wrong golfer are moved to the right one. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { shotIds, golferId } = await bodyForm(request, TO_GOLFER_FORM)
  const golfer = requireGolfer(golferId)
  if (golfer.id === session.golferId)
    refuse(422, 'golferId', 'They are that golfer’s already: choose another.')
  for (const id of shotIds)
    if (requireShot(session.golferId, id).sessionId !== session.id)
      refuse(404, 'shotIds', 'One of these shots is not in this session any more.')
  moveToGolfer(theDatabase(), session, shotIds, golfer.id, Date.now())
  return bayResponse(session.id)
})
