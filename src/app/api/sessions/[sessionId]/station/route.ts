import { bodyForm, route } from '@/app/server/answer'
import { answerChangedBay } from '@/app/server/answer-bay'
import { ownClub, ownedSession } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { openStation } from '@/store/sessions'
import { STATION_FORM } from '@/wire/forms'

/** Opens a station; a session that had ended goes on. */
export const PUT = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { clubId, swing } = await bodyForm(request, STATION_FORM)
  openStation(theDatabase(), session.id, { clubId: ownClub(session.golferId, clubId), swing }, Date.now())
  return answerChangedBay(session.id)
})
