import { bodyForm, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { forgetPlace, keepPlace } from '@/store/course-days'
import { theDatabase } from '@/store/database'
import { PLACE_FORM, PLACE_REMOVAL } from '@/formats/forms'

/** Keeps a place to set days from. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const place = await bodyForm(request, PLACE_FORM)
  keepPlace(theDatabase(), golfer.id, place)
  return Response.json(place)
})

export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { name } = await bodyForm(request, PLACE_REMOVAL)
  forgetPlace(theDatabase(), golfer.id, name)
  return Response.json({ name })
})
