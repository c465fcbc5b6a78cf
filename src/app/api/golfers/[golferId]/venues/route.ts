import { bodyForm, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { removeVenue, saveVenue } from '@/store/course-days'
import { theDatabase } from '@/store/database'
import { VENUE_FORM, VENUE_REMOVAL } from '@/formats/forms'

/** Keeps a place to set days from. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const venue = await bodyForm(request, VENUE_FORM)
  saveVenue(theDatabase(), golfer.id, venue)
  return Response.json(venue)
})

export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { name } = await bodyForm(request, VENUE_REMOVAL)
  removeVenue(theDatabase(), golfer.id, name)
  return Response.json({ name })
})
