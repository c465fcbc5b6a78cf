import { CORRECTION_FORM, NO_CORRECTION_FORM } from '@/formats/monitor-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { dropCorrection, keepCorrection } from '@/store/monitors'

/** Keeps by what a monitor is off another, and whether that acts. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const correction = await bodyForm(request, CORRECTION_FORM)
  keepCorrection(theDatabase(), golfer.id, { ...correction, setMs: Date.now() })
  return Response.json({ on: correction.on })
})

/** Takes a correction back. */
export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { monitor, field } = await bodyForm(request, NO_CORRECTION_FORM)
  dropCorrection(theDatabase(), golfer.id, monitor, field)
  return Response.json({})
})
