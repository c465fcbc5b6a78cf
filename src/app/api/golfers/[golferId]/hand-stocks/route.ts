import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { setByHand } from '@/store/hand-stocks'
import { HAND_STOCK_FORM } from '@/formats/forms'

/** Sets a stock by hand beside the measured one, or takes it back. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const stock = await bodyForm(request, HAND_STOCK_FORM)
  setByHand(theDatabase(), golfer.id, { ...stock, clubId: requireClub(golfer.id, stock.clubId) }, Date.now())
  return Response.json({ clubId: stock.clubId }, { status: 201 })
})
