import { PAIRING_FORM } from '@/formats/visit-forms'
import { requirePairings } from '@/http/gateway/require-pairings'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'

/** Makes a passcode for one phone: for all of Banco, or for one golfer's Bay. */
export const POST = route(async (request) => {
  const pairings = requirePairings()
  const { golferId } = await bodyForm(request, PAIRING_FORM)
  const scope =
    golferId === null
      ? { kind: 'whole' as const }
      : { kind: 'bay' as const, golferId: requireGolfer(golferId).id }
  const { words, untilMs } = pairings.makeCode(scope, Date.now())
  return Response.json({ words, untilMs }, { status: 201 })
})
