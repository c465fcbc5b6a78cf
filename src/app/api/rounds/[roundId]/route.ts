import { ROUND_CHANGE } from '@/formats/round-forms'
import { requireRound } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { changeRound } from '@/store/rounds'

/** Changes what was said of a round. */
export const PATCH = route<{ roundId: string }>(async (request, { roundId }) => {
  const change = await bodyForm(request, ROUND_CHANGE)
  // A removed one can be put back.
  const round = requireRound(roundId, change.removed === false)
  changeRound(theDatabase(), round.id, change, Date.now())
  return Response.json({ id: round.id })
})
