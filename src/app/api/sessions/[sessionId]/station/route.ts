import { bayRoute, bodyForm } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireClub, requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { beginReceiving } from '@/store/receivers'
import { openStation } from '@/store/sessions'
import { STATION_FORM } from '@/formats/forms'

/** Opens a station; a session that had ended goes on. */
export const PUT = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { clubId, swing } = await bodyForm(request, STATION_FORM)
  const db = theDatabase()
  const station = { clubId: requireClub(session.golferId, clubId), swing }
  const nowMs = Date.now()
  db.transaction(() => {
    openStation(db, session.id, station, nowMs)
    if (session.open === null) beginReceiving(db, session.id, nowMs)
  }).immediate()
  return bayResponse(session.id)
})
