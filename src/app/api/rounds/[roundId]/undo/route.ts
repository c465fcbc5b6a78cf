import { ROUND_UNDO_FORM } from '@/formats/round-forms'
import { requireRound } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { roundById, undoOfRound } from '@/store/rounds'

/** Takes the newest words of a round back. */
export const POST = route<{ roundId: string }>(async (request, { roundId }) => {
  const round = requireRound(roundId)
  const { batch } = await bodyForm(request, ROUND_UNDO_FORM)
  const db = theDatabase()
  if (!undoOfRound(db, round.id, batch, Date.now()))
    return refuse(409, 'batch', 'This round has changed since: look at it, then undo again.')
  return Response.json(roundById(db, round.id))
})
