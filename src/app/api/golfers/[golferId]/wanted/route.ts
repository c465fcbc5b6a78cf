import { bodyForm, route } from '@/app/server/answer'
import { knownGolfer, ownClub } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { theDatabase } from '@/store/database'
import { dropWanted, wantStations } from '@/store/swings'
import { STATION_FORM } from '@/wire/forms'
import { WANTED_FORM } from '@/wire/wedge-forms'

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
