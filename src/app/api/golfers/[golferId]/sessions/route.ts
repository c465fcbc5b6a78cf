import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { FULL_SWING } from '@/core/station'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { keepPlan } from '@/store/plans'
import { beginReceiving } from '@/store/receivers'
import { saySession } from '@/store/session-events'
import { openStation, sessionById, startSession } from '@/store/sessions'
import { keepSetUp } from '@/store/set-ups'
import { dropWanted } from '@/store/swings'
import { SESSION_FORM } from '@/formats/forms'

/** Starts a session with the first station of its plan open; without a plan the shortest club: common practice warms up with it. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const form = await bodyForm(request, SESSION_FORM)
  const { place, offsetMin, plan, setUp, rangeClear, warmUp } = form
  const db = theDatabase()
  const begun = form.id && sessionById(db, form.id)
  if (begun)
    return begun.golferId === golfer.id
      ? Response.json({ id: begun.id })
      : refuse(409, 'id', 'There is another session with this id: start it again.')
  const shortest = bagOf(db, golfer.id)?.clubs.findLast((club) => club.kind !== 'putter')
  if (!shortest) return refuse(409, 'bag', 'The bag has no club to hit yet: fill it first.')
  plan?.blocks.forEach(({ clubId }) => requireClub(golfer.id, clubId))
  const startedMs = Date.now()
  const id = db
    .transaction(() => {
      const id = startSession(
        db,
        {
          golferId: golfer.id,
          startedMs,
          offsetMin,
          place,
          ...(rangeClear && { clearMs: startedMs }),
        },
        form.id,
      )
      if (plan) keepPlan(db, id, plan)
      plan?.blocks.forEach((block) => dropWanted(db, golfer.id, block))
      if (setUp) keepSetUp(db, golfer.id, id, setUp)
      if (warmUp) saySession(db, id, { kind: 'warm-up', on: true }, startedMs)
      beginReceiving(db, id, startedMs)
      openStation(db, id, plan?.blocks[0] ?? { clubId: shortest.id, swing: FULL_SWING }, startedMs)
      return id
    })
    .immediate()
  return Response.json({ id }, { status: 201 })
})
