import { ROUND_SAID_FORM } from '@/formats/round-forms'
import { requireClub, requireRound } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { roundById, sayOfRound } from '@/store/rounds'

/** Takes what a golfer says of shots of a round. */
export const POST = route<{ roundId: string }>(async (request, { roundId }) => {
  const round = requireRound(roundId)
  const { said, batch } = await bodyForm(request, ROUND_SAID_FORM)
  for (const { clubId } of said) requireClub(round.golferId, clubId)
  const db = theDatabase()
  sayOfRound(db, round.id, said, batch)
  return Response.json(roundById(db, round.id), { status: 201 })
})
