import { bodyForm, refuse, route } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireClub, requireOwnedSession } from '@/http/require'
import { theDatabase } from '@/store/database'
import { cameUncleared, sayClear } from '@/store/range-clear'
import { addEvents, shotsOfSession, takeShots } from '@/store/shots'
import { TYPED_SHOTS_FORM } from '@/formats/forms'

/** Takes typed shots as one action. Their ids make a repeat harmless. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { shots, clearMs } = await bodyForm(request, TYPED_SHOTS_FORM)
  const db = theDatabase()
  shots.forEach(({ clubId }) => requireClub(session.golferId, clubId))
  // The word may have been given while nobody answered.
  if (clearMs !== undefined) sayClear(db, session.id, clearMs)
  const taken = takeShots(
    db,
    shots.map(({ heldBecause, mark: _mark, ...shot }) => ({
      ...shot,
      sessionId: session.id,
      source: 'typed',
      clubLabel: null,
      heldBecause: heldBecause ?? null,
      uncleared: cameUncleared(db, session.id, shot.hitMs),
    })),
  )
  if (!taken) refuse(409, 'id', 'There is another shot with this id: type it again.')
  const there = new Map(shotsOfSession(db, session.id).map((shot) => [shot.id, shot]))
  // A shot that is sent again brings a mark that it has already.
  const marks = shots.flatMap(({ id, mark }) => {
    const shot = there.get(id)
    return mark && shot && shot.mark !== mark
      ? [{ shotSeq: shot.seq, event: { kind: 'mark' as const, mark } }]
      : []
  })
  if (marks.length > 0) addEvents(db, marks, Date.now())
  return bayResponse(session.id)
})
