import { bodyForm, refuse, route } from '@/app/server/answer'
import { knownGolfer, knownSession } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { theDatabase } from '@/store/database'
import { sayAir } from '@/store/set-ups'
import { AIR_SAID_FORM } from '@/wire/set-up-form'

/** Says the air of sessions that lack it; what was said of them before stays. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { said } = await bodyForm(request, AIR_SAID_FORM)
  for (const id of said.flatMap(({ sessions }) => sessions))
    if (knownSession(id).golferId !== golfer.id)
      refuse(422, 'sessions', `The session ${id} is another golfer’s: choose sessions of ${golfer.name}.`)
  sayAir(theDatabase(), golfer.id, said)
  notify()
  return Response.json({})
})
