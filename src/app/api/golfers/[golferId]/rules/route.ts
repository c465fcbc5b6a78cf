import { bodyForm, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { theDatabase } from '@/store/database'
import { changeRules } from '@/store/golfers'
import { RULES_FORM } from '@/formats/forms'

/** Which number is a stock, and what a good gap is, to this golfer. */
export const PATCH = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  changeRules(theDatabase(), golfer, await bodyForm(request, RULES_FORM))
  return Response.json({ id: golfer.id })
})
