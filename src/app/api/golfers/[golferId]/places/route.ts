import { bodyForm, route } from '@/app/server/answer'
import { knownGolfer } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { forgetPlace, keepPlace } from '@/store/course-days'
import { theDatabase } from '@/store/database'
import { PLACE_FORM, PLACE_REMOVAL } from '@/wire/forms'

/** Keeps a place to set days from. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const place = await bodyForm(request, PLACE_FORM)
  keepPlace(theDatabase(), golfer.id, place)
  notify()
  return Response.json(place)
})

export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { name } = await bodyForm(request, PLACE_REMOVAL)
  forgetPlace(theDatabase(), golfer.id, name)
  notify()
  return Response.json({ name })
})
