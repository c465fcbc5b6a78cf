import { PAIRS_FORM } from '@/formats/monitor-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { movePairs } from '@/store/monitors'

/** The golfer says which readings of two monitors belong together. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const body = await bodyForm(request, PAIRS_FORM)
  movePairs(theDatabase(), golfer.id, body, Date.now())
  return Response.json({ moved: body.moved.length })
})
