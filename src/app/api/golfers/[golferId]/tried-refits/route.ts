import { TRIED_FORM, TRIED_REMOVAL } from '@/formats/refit-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { forgetTried, keepTried } from '@/store/tried-refits'

/** Keeps what was tried on paper under a name. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const tried = await bodyForm(request, TRIED_FORM)
  keepTried(theDatabase(), golfer.id, tried, Date.now())
  return Response.json(tried)
})

/** Throws it away. */
export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { name } = await bodyForm(request, TRIED_REMOVAL)
  forgetTried(theDatabase(), golfer.id, name)
  return Response.json({ name })
})
