import { bodyForm, route } from '@/app/server/answer'
import { knownGolfer, ownClub } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { theDatabase } from '@/store/database'
import { insertNext } from '@/store/plans'
import { currentSession } from '@/store/sessions'
import { HIT_NEXT_FORM } from '@/wire/forms'

/** Puts shots in front of what is left of the plan of the session that goes on; says where there is none. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { blocks } = await bodyForm(request, HIT_NEXT_FORM)
  blocks.forEach(({ clubId }) => ownClub(golfer.id, clubId))
  const db = theDatabase()
  const session = currentSession(db, golfer.id, Date.now())
  const goesOn = session !== null && session.hurtMs === null
  if (goesOn) {
    insertNext(db, session, blocks)
    notify()
  }
  return Response.json({ session: goesOn ? session.id : null })
})
