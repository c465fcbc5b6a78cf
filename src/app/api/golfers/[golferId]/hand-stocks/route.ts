import { bodyForm, route } from '@/http/answer'
import { knownGolfer, ownClub } from '@/http/known'
import { notify } from '@/http/notices'
import { theDatabase } from '@/store/database'
import { setByHand } from '@/store/hand-stocks'
import { HAND_STOCK_FORM } from '@/formats/forms'

/** Sets a stock by hand beside the measured one, or takes it back. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const stock = await bodyForm(request, HAND_STOCK_FORM)
  setByHand(theDatabase(), golfer.id, { ...stock, clubId: ownClub(golfer.id, stock.clubId) }, Date.now())
  notify()
  return Response.json({ clubId: stock.clubId }, { status: 201 })
})
