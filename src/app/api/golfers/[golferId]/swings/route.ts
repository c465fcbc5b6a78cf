import { bodyForm, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { theDatabase } from '@/store/database'
import { defineSwing } from '@/store/swings'
import { SWING_FORM } from '@/formats/wedge-forms'

/** Says how a swing is made; a swing with shots that is made otherwise from now on gets a name of its own. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { swing, ...body } = await bodyForm(request, SWING_FORM)
  const name = defineSwing(theDatabase(), golfer.id, swing, body, Date.now())
  return Response.json({ swing: name })
})
