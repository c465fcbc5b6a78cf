import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { dropWanted, wantStations } from '@/store/swings'
import { STATION_FORM } from '@/formats/forms'
import { WANTED_FORM } from '@/formats/wedge-forms'

/** Puts stations into the next plan. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { stations } = await bodyForm(request, WANTED_FORM)
  stations.forEach(({ clubId }) => requireClub(golfer.id, clubId))
  wantStations(theDatabase(), golfer.id, stations)
  return Response.json({ stations }, { status: 201 })
})

export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const station = await bodyForm(request, STATION_FORM)
  dropWanted(theDatabase(), golfer.id, station)
  return Response.json(station)
})
