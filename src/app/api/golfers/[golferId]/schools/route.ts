import { bodyForm, route } from '@/http/answer'
import { knownGolfer } from '@/http/known'
import { notify } from '@/http/notices'
import { theDatabase } from '@/store/database'
import { changeSchools } from '@/store/golfers'
import { SCHOOLS_FORM } from '@/formats/forms'

/** Which number is a stock, and what an even step is, to this golfer. */
export const PATCH = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  changeSchools(theDatabase(), golfer, await bodyForm(request, SCHOOLS_FORM))
  notify()
  return Response.json({ id: golfer.id })
})
