import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer, requireSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { sayAir } from '@/store/set-ups'
import { AIR_FORM } from '@/formats/set-up-form'

/** Says the air of sessions that lack it; what was said of them before stays. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { airs: airs } = await bodyForm(request, AIR_FORM)
  for (const id of airs.flatMap(({ sessions }) => sessions))
    if (requireSession(id).golferId !== golfer.id)
      refuse(422, 'sessions', `The session ${id} is another golfer’s: choose sessions of ${golfer.name}.`)
  sayAir(theDatabase(), golfer.id, airs)
  return Response.json({})
})
