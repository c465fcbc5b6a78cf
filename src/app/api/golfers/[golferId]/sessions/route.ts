import { bayRoute, bodyForm, refuse } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { beginSession } from '@/store/begin-session'
import { sessionById } from '@/store/sessions'
import { SESSION_FORM } from '@/formats/forms'

/** Starts a session with the first station of its plan open; without a plan the shortest club: common practice warms up with it. */
export const POST = bayRoute('golfer', async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const form = await bodyForm(request, SESSION_FORM)
  const db = theDatabase()
  const begun = form.id && sessionById(db, form.id)
  if (begun)
    return begun.golferId === golfer.id
      ? Response.json({ id: begun.id })
      : refuse(409, 'id', 'There is another session with this id: start it again.')
  form.plan?.blocks.forEach(({ clubId }) => requireClub(golfer.id, clubId))
  const id =
    beginSession(db, golfer.id, form, Date.now()) ??
    refuse(409, 'bag', 'The bag has no club to hit yet: fill it first.')
  return Response.json({ id }, { status: 201 })
})
