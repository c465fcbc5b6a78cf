import { bodyForm, refuse, route } from '@/app/server/answer'
import { answerChangedBay } from '@/app/server/answer-bay'
import { ownClub, ownedSession } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { takeShot } from '@/store/shots'
import { TYPED_SHOT_FORM } from '@/wire/forms'

/** Takes a typed shot. Its id makes a repeat harmless. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { clubId, heldBecause, ...shot } = await bodyForm(request, TYPED_SHOT_FORM)
  const taken = takeShot(theDatabase(), {
    ...shot,
    sessionId: session.id,
    source: 'typed',
    clubLabel: null,
    clubId: ownClub(session.golferId, clubId),
    heldBecause: heldBecause ?? null,
  })
  if (taken === 'other-contents') refuse(409, 'id', 'There is another shot with this id: type it again.')
  return answerChangedBay(session.id)
})
