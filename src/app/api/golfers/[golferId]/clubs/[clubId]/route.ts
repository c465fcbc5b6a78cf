import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import type { ClubId } from '@/core/ids'
import { changeClub } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { CLUB_FORM } from '@/formats/forms'

export const PUT = route<{ golferId: string; clubId: string }>(async (request, { golferId, clubId }) => {
  const golfer = requireGolfer(golferId)
  const club = await bodyForm(request, CLUB_FORM)
  switch (changeClub(theDatabase(), golfer.id, clubId as ClubId, club)) {
    case 'name-taken':
      return refuse(
        422,
        'name',
        `There is a club called ${club.name} already, in the bag or on the rack: choose another name.`,
      )
    case 'unknown':
      return refuse(404, 'club', 'This golfer has no such club: load the page again.')
    case 'changed':
      return Response.json({ id: clubId })
  }
})
