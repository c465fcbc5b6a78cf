import { bodyForm, route } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireShot, requireClub, requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { addEvents, historyOfShot } from '@/store/shots'
import { SHOT_DECISION } from '@/formats/forms'

/** All that happened to a shot since it came. */
export const GET = route<{ shotId: string }>((_request, { shotId }) => {
  const { id, source, hitMs, clubLabel, posted } = requireShot(shotId)
  return Response.json({ id, source, hitMs, clubLabel, posted, happened: historyOfShot(theDatabase(), id) })
})

/** Takes down what the golfer decides about a shot. A held shot whose station is decided is taken. */
export const POST = route<{ shotId: string }>(async (request, { shotId }) => {
  const shot = requireShot(shotId)
  const session = requireOwnedSession(shot.sessionId)
  const decision = await bodyForm(request, SHOT_DECISION)
  const db = theDatabase()
  const nowMs = Date.now()
  if (decision.kind === 'station') {
    requireClub(session.golferId, decision.clubId)
    const events = [{ shotSeq: shot.seq, event: decision }]
    const release = { shotSeq: shot.seq, event: { kind: 'released' as const } }
    addEvents(db, shot.heldBecause ? [...events, release] : events, nowMs)
  } else addEvents(db, [{ shotSeq: shot.seq, event: decision }], nowMs)
  return bayResponse(session.id)
})
