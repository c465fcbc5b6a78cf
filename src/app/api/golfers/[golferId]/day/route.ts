import { bodyForm, route } from '@/http/answer'
import { knownGolfer } from '@/http/known'
import { notify } from '@/http/notices'
import { setDay } from '@/store/course-days'
import { theDatabase } from '@/store/database'
import { DAY_FORM } from '@/formats/forms'

/** Sets the day that the golfer's card stands for. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const day = await bodyForm(request, DAY_FORM)
  setDay(theDatabase(), golfer.id, day, Date.now())
  notify()
  return Response.json(day)
})
