import { AFTER_PLAY_FORM } from '@/formats/visit-forms'
import { requireClub, requireVisit } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { sayAfterPlay } from '@/store/visits'

/** Keeps what the golfer says after play. */
export const PUT = route<{ visitId: string }>(async (request, { visitId }) => {
  const { id, golferId } = requireVisit(visitId)
  const body = await bodyForm(request, AFTER_PLAY_FORM)
  for (const clubId of [body.off?.clubId, body.unusedId]) if (clubId) requireClub(golferId, clubId)
  sayAfterPlay(theDatabase(), id, { ...body, enteredMs: Date.now() })
  return Response.json({ id })
})
