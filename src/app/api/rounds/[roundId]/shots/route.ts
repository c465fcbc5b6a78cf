import { ROUND_EVENTS_FORM } from '@/formats/round-forms'
import { requireClub, requireRound } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { roundById, appendRoundEvents } from '@/store/rounds'

/** Takes what a golfer says of shots of a round. */
export const POST = route<{ roundId: string }>(async (request, { roundId }) => {
  const round = requireRound(roundId)
  const { said: events, batch } = await bodyForm(request, ROUND_EVENTS_FORM)
  for (const { clubId } of events) requireClub(round.golferId, clubId)
  const db = theDatabase()
  appendRoundEvents(db, round.id, events, batch)
  return Response.json(roundById(db, round.id), { status: 201 })
})
