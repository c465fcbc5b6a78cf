import { ROUND_FORM } from '@/formats/round-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { openRound, roundById, withDayOfCard } from '@/store/rounds'

/** Opens a round. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const round = await bodyForm(request, ROUND_FORM)
  const db = theDatabase()
  openRound(db, golfer.id, withDayOfCard(db, golfer.id, round))
  if (roundById(db, round.id)?.golferId !== golfer.id)
    return refuse(409, 'id', 'A round of that name is there already: open one anew.')
  return Response.json({ id: round.id }, { status: 201 })
})
