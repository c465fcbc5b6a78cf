import { bayRoute, bodyForm, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireClub, requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { takeTyped } from '@/store/typed-shots'
import { TYPED_SHOTS_FORM } from '@/formats/forms'
import { sessionShots } from '@/views/bay-view'

/** The shots of a session, without any analysis. */
export const GET = bayRoute('session', (_request, { sessionId }) =>
  Response.json(sessionShots(theDatabase(), requireOwnedSession(sessionId))),
)

/** Takes typed shots as one action. Their ids make a repeat harmless. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const typed = await bodyForm(request, TYPED_SHOTS_FORM)
  typed.shots.forEach(({ clubId }) => requireClub(session.golferId, clubId))
  const taken = takeTyped(theDatabase(), session.id, typed, Date.now())
  if (taken === 'other-contents') refuse(409, 'id', 'There is another shot with this id: type it again.')
  if (taken === 'early')
    refuse(409, 'after', 'The shot that was typed before it has not come yet: send that one first.')
  return bayResponse(session.id)
})
