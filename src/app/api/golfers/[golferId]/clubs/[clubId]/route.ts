import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import type { ClubId } from '@/core/model/ids'
import { changeClubSince, correctClub, takeSetUpBack } from '@/store/clubs'
import { theDatabase } from '@/store/database'
import { CLUB_FORM, SET_UP_REMOVAL } from '@/formats/forms'

type Params = { golferId: string; clubId: string }
const UNKNOWN = 'This golfer has no such club: load the page again.'

/** Corrects what is said of a club, or says that it was changed: `sinceMs` tells which. */
export const PUT = route<Params>(async (request, { golferId, clubId }) => {
  const golfer = requireGolfer(golferId)
  const { sinceMs, ...club } = await bodyForm(request, CLUB_FORM)
  if (sinceMs !== undefined && sinceMs > Date.now())
    return refuse(422, 'sinceMs', 'That day is in the future: type the day of the change.')
  const id = clubId as ClubId
  const body =
    sinceMs === undefined
      ? correctClub(theDatabase(), golfer.id, id, club)
      : changeClubSince(theDatabase(), golfer.id, id, club, sinceMs)
  switch (body) {
    case 'name-taken':
      return refuse(422, 'name', `There is a club called ${club.name} already: choose another name.`)
    case 'unknown':
      return refuse(404, 'club', UNKNOWN)
    case 'too-early':
      return refuse(
        422,
        'sinceMs',
        'The club was changed later than that once before: choose a later day, or take that change back first.',
      )
    case 'no-change':
      return refuse(
        422,
        'sinceMs',
        'Nothing differs from before: give it its new loft, length, lie or shaft, or only correct it.',
      )
    case 'changed':
      return Response.json({ id: clubId })
  }
})

/** Takes the newest change of a club back. */
export const DELETE = route<Params>(async (request, { golferId, clubId }) => {
  const golfer = requireGolfer(golferId)
  const { sinceMs } = await bodyForm(request, SET_UP_REMOVAL)
  return takeSetUpBack(theDatabase(), golfer.id, clubId as ClubId, sinceMs)
    ? Response.json({ id: clubId })
    : refuse(409, 'sinceMs', 'That is not the newest change of this club: load the page again.')
})
