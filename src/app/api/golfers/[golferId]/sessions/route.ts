import { bodyForm, refuse, route } from '@/app/server/answer'
import { knownGolfer } from '@/app/server/known'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { openStation, startSession } from '@/store/sessions'
import { FULL_SWING } from '@/core/shots/shot'
import { SESSION_FORM } from '@/wire/forms'

/** Starts a session with the shortest club open: common practice warms up with it. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { place, offsetMin } = await bodyForm(request, SESSION_FORM)
  const shortest = bagOf(theDatabase(), golfer.id)?.clubs.findLast((club) => club.kind !== 'putter')
  if (!shortest) return refuse(409, 'bag', 'The bag has no club to hit yet: fill it first.')
  const nowMs = Date.now()
  const id = startSession(theDatabase(), { golferId: golfer.id, startedMs: nowMs, offsetMin, place })
  openStation(theDatabase(), id, { clubId: shortest.id, swing: FULL_SWING }, nowMs)
  return Response.json({ id }, { status: 201 })
})
