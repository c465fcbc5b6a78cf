import { ROUND_FORM } from '@/formats/round-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import type { GolferId } from '@/core/ids'
import { dayOf } from '@/store/course-days'
import { theDatabase, type Database } from '@/store/database'
import { openRound, roundById, type NewRound } from '@/store/rounds'

/** Opens a round. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const round = await bodyForm(request, ROUND_FORM)
  const db = theDatabase()
  openRound(db, golfer.id, withTheDay(db, golfer.id, round))
  if (roundById(db, round.id)?.golferId !== golfer.id)
    return refuse(409, 'id', 'A round of that name is there already: open one anew.')
  return Response.json({ id: round.id }, { status: 201 })
})

/** The day of the card was set so shortly before or after that it is the round's. */
const SAME_DAY_MS = 12 * 3_600_000

/** A round whose air nobody said has that of the card's day, where that is its own. */
function withTheDay(db: Database, golferId: GolferId, round: NewRound): NewRound {
  const kept = dayOf(db, golferId)
  if (round.day || !kept || Math.abs(kept.setMs - round.openedMs) > SAME_DAY_MS) return round
  const { place, tempC, altitudeM, seaLevelHpa, humidity, turf } = kept.day
  if (round.place !== null && place !== null && round.place !== place) return round
  return { ...round, place: round.place ?? place, day: { tempC, altitudeM, seaLevelHpa, humidity, turf } }
}
