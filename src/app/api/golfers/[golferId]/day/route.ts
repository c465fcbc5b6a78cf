import { bodyForm, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { setDay } from '@/store/course-days'
import { theDatabase } from '@/store/database'
import { DAY_FORM } from '@/formats/forms'

/** Sets the day that the golfer's card stands for. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const day = await bodyForm(request, DAY_FORM)
  setDay(theDatabase(), golfer.id, day, Date.now())
  return Response.json(day)
})
