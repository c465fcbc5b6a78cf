import { bayRoute, bodyForm } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireClub, requireGolfer, requireShot } from '@/http/require'
import { theDatabase } from '@/store/database'
import { addEvents, historyOfShot } from '@/store/shots'
import { SHOT_DECISION } from '@/formats/forms'

/** The history of a shot: `?id=…`. */
export const GET = bayRoute('golfer', (request, { golferId }) => {
  const shot = requireShot(requireGolfer(golferId).id, new URL(request.url).searchParams.get('id') ?? '')
  const { id, source, hitMs, clubLabel, posted } = shot
  return Response.json({ id, source, hitMs, clubLabel, posted, happened: historyOfShot(theDatabase(), id) })
})

/** Takes down what the golfer decides about a shot. A held shot whose station is decided is taken. */
export const POST = bayRoute('golfer', async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { id, ...decision } = await bodyForm(request, SHOT_DECISION)
  const shot = requireShot(golfer.id, id)
  const db = theDatabase()
  const nowMs = Date.now()
  if (decision.kind === 'station') {
    requireClub(golfer.id, decision.clubId)
    const events = [{ shotSeq: shot.seq, event: decision }]
    const release = { shotSeq: shot.seq, event: { kind: 'released' as const } }
    addEvents(db, shot.heldBecause ? [...events, release] : events, nowMs)
  } else addEvents(db, [{ shotSeq: shot.seq, event: decision }], nowMs)
  return bayResponse(shot.sessionId)
})
