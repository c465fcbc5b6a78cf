import { bodyForm, route } from '@/http/answer'
import { answerChangedBay } from '@/http/answer-bay'
import { ownClub, ownedSession } from '@/http/known'
import { theDatabase } from '@/store/database'
import { beginReceiving } from '@/store/receivers'
import { openStation } from '@/store/sessions'
import { STATION_FORM } from '@/formats/forms'

/** Opens a station; a session that had ended goes on. */
export const PUT = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { clubId, swing } = await bodyForm(request, STATION_FORM)
  const db = theDatabase()
  const station = { clubId: ownClub(session.golferId, clubId), swing }
  const nowMs = Date.now()
  db.transaction(() => {
    openStation(db, session.id, station, nowMs)
    if (session.open === null) beginReceiving(db, session.id, nowMs)
  })()
  return answerChangedBay(session.id)
})
