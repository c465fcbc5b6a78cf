import { randomUUID } from 'node:crypto'
import { bayRoute, bodyForm, refuse } from '@/http/route'
import { bayResponse } from '@/http/bay-response'
import { requireClub, requireOwnedSession } from '@/http/require'
import { changeLabel } from '@/store/club-labels'
import { theDatabase } from '@/store/database'
import { addEvents, shotsOfSession, type ShotEvent } from '@/store/shots'
import { MOVE_FORM } from '@/formats/forms'

/** What the golfer decides of a run of shots: their station, or what becomes of them. One action, undone as one. */
export const POST = bayRoute('session', async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const { shotIds, station, decision, forLabel } = await bodyForm(request, MOVE_FORM)
  if (station) requireClub(session.golferId, station.clubId)
  const db = theDatabase()
  const there = new Map(shotsOfSession(db, session.id).map((shot) => [shot.id, shot]))
  const shots = shotIds.map(
    (id) => there.get(id) ?? refuse(404, 'shotIds', 'One of these shots is not in this session any more.'),
  )
  const event: ShotEvent = station
    ? { kind: 'station', ...station }
    : decision === 'solid'
      ? { kind: 'mark', mark: 'solid' }
      : { kind: decision ?? 'released' }
  const [batch, nowMs] = [randomUUID(), Date.now()]
  db.transaction(() => {
    addEvents(
      db,
      shots.flatMap(({ seq, heldBecause }) => [
        { shotSeq: seq, event },
        // A held shot whose station is decided is taken.
        ...(station && heldBecause ? [{ shotSeq: seq, event: { kind: 'released' as const } }] : []),
      ]),
      nowMs,
      batch,
    )
    const labels = new Set(shots.flatMap(({ clubLabel }) => clubLabel ?? []))
    if (forLabel && station)
      for (const label of labels)
        changeLabel(db, session.golferId, label, { says: 'is', clubId: station.clubId }, nowMs, batch)
  }).immediate()
  return bayResponse(session.id)
})
