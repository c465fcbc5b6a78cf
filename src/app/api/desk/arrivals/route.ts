import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { ARRIVAL_FORM } from '@/formats/visit-forms'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { arrive } from '@/store/arrivals'
import { bagOf } from '@/store/bags'
import { golferById } from '@/store/golfers'
import { sessionById } from '@/store/sessions'

/** A new golfer with a bag and an open session, ready for the first ball: all of it, or nothing. */
export const POST = route(async (request) => {
  const { golferId, sessionId, bag, ...arrival } = await bodyForm(request, ARRIVAL_FORM)
  const db = theDatabase()
  const begun = sessionById(db, sessionId)
  if (begun?.golferId === golferId) return Response.json({ golferId, sessionId })
  if (begun || golferById(db, golferId))
    return refuse(
      409,
      'golferId',
      'This golfer or this session is here already. Reload the desk and try again.',
    )
  const clubs =
    'template' in bag
      ? BAG_TEMPLATES.find(({ key }) => key === bag.template)?.clubs
      : bagOf(db, bag.copyOf)?.clubs
  if (!clubs?.some(({ kind }) => kind !== 'putter'))
    return refuse(422, 'bag', 'There is no bag to copy: choose a template, or a golfer who has one.')
  const arrived = arrive(db, { golferId, sessionId, clubs, ...arrival }, Date.now())
  if (arrived === 'name-taken')
    return refuse(
      422,
      'name',
      `There is a golfer called ${arrival.name} already: choose them on the desk, or write the name otherwise.`,
    )
  return Response.json({ golferId, sessionId }, { status: 201 })
})
