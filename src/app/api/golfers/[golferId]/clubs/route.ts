import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { addClub } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { CLUB_FORM } from '@/formats/forms'

export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const club = await bodyForm(request, CLUB_FORM)
  const added = addClub(theDatabase(), golfer.id, club, Date.now())
  if (added.kind === 'name-taken') {
    return refuse(422, 'name', `There is a club called ${club.name} already: choose another name.`)
  }
  return Response.json({ id: added.clubId, where: added.kind }, { status: 201 })
})
