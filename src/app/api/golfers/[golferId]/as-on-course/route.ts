import { AS_ON_COURSE_FORM } from '@/formats/round-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { setAsOnCourse } from '@/store/rounds'

/** The golfer's card takes on what the course was off the bay, or no more. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const wanted = await bodyForm(request, AS_ON_COURSE_FORM)
  setAsOnCourse(theDatabase(), golfer.id, wanted, Date.now())
  return Response.json(wanted)
})
