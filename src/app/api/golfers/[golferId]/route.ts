import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { theDatabase } from '@/store/database'
import { removeGolfer } from '@/store/golfer-document'
import { changeGolfer } from '@/store/golfers'
import { GOLFER_CHANGE, REMOVAL_FORM } from '@/formats/forms'

export const PATCH = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const change = await bodyForm(request, GOLFER_CHANGE)
  if (changeGolfer(theDatabase(), golfer, change) === 'name-taken') {
    refuse(422, 'name', `There is a golfer called ${change.name} already: choose another name.`)
  }
  return Response.json({ id: golfer.id })
})

/** Removes a golfer for good, with every shot: only where the name is typed, since nothing brings them back but an export. */
export const DELETE = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { name } = await bodyForm(request, REMOVAL_FORM)
  if (name.trim() !== golfer.name)
    refuse(422, 'name', `Type the name as it is written, ${golfer.name}: only then is the golfer removed.`)
  removeGolfer(theDatabase(), golfer.id)
  return Response.json({ id: golfer.id })
})
