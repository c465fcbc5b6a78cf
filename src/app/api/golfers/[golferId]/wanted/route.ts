import { bodyForm, route } from '@/http/answer'
import { knownGolfer, ownClub } from '@/http/known'
import { notify } from '@/http/notices'
import { theDatabase } from '@/store/database'
import { dropWanted, wantStations } from '@/store/swings'
import { STATION_FORM } from '@/formats/forms'
import { WANTED_FORM } from '@/formats/wedge-forms'

/** Puts stations into the next plan. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { stations } = await bodyForm(request, WANTED_FORM)
  stations.forEach(({ clubId }) => ownClub(golfer.id, clubId))
  wantStations(theDatabase(), golfer.id, stations)
  notify()
  return Response.json({ stations }, { status: 201 })
})

export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const station = await bodyForm(request, STATION_FORM)
  dropWanted(theDatabase(), golfer.id, station)
  notify()
  return Response.json(station)
})
