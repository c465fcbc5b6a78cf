import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { addDrillShot, drillShots, undoDrillShot } from '@/store/drills'
import { DRILL_FORM, DRILL_UNDO } from '@/formats/wedge-forms'

/** Keeps what was hit at a called yardage. It feeds no stock. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const shot = await bodyForm(request, DRILL_FORM)
  addDrillShot(theDatabase(), golfer.id, { ...shot, clubId: requireClub(golfer.id, shot.clubId) })
  return Response.json(drillShots(theDatabase(), golfer.id), { status: 201 })
})

/** Takes back the last shot of a drill. */
export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { drill } = await bodyForm(request, DRILL_UNDO)
  undoDrillShot(theDatabase(), golfer.id, drill)
  return Response.json(drillShots(theDatabase(), golfer.id))
})
