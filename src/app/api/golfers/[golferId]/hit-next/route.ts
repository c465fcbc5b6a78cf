import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { insertNext } from '@/store/plans'
import { currentSession, openStation } from '@/store/sessions'
import { HIT_NEXT_FORM } from '@/formats/forms'

/** Puts shots in front of what is left of the plan of the session that goes on, and opens their club; says where there is none. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { blocks } = await bodyForm(request, HIT_NEXT_FORM)
  blocks.forEach(({ clubId }) => requireClub(golfer.id, clubId))
  const db = theDatabase()
  const session = currentSession(db, golfer.id, Date.now())
  const goesOn = session !== null && session.injuryStopMs === null
  if (goesOn)
    db.transaction(() => {
      insertNext(db, session, blocks)
      const [first] = blocks
      if (first) openStation(db, session.id, first, Date.now())
    }).immediate()
  return Response.json({ session: goesOn ? session.id : null })
})
