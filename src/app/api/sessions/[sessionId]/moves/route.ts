import { bodyForm, refuse, route } from '@/app/server/answer'
import { answerChangedBay } from '@/app/server/answer-bay'
import { ownClub, ownedSession } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { addEvents, shotsOfSession } from '@/store/shots'
import { MOVE_FORM } from '@/wire/forms'

/** Moves a run of shots to another station, or marks them solid where they are: one action, undone as one. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = ownedSession(sessionId)
  const { shotIds, station } = await bodyForm(request, MOVE_FORM)
  if (station) ownClub(session.golferId, station.clubId)
  const there = new Map(shotsOfSession(theDatabase(), session.id).map((shot) => [shot.id, shot.seq]))
  const seqs = shotIds.map(
    (id) => there.get(id) ?? refuse(404, 'shotIds', 'One of these shots is not in this session any more.'),
  )
  const event = station
    ? ({ kind: 'station', ...station } as const)
    : ({ kind: 'mark', mark: 'solid' } as const)
  addEvents(
    theDatabase(),
    seqs.map((shotSeq) => ({ shotSeq, event })),
    Date.now(),
  )
  return answerChangedBay(session.id)
})
