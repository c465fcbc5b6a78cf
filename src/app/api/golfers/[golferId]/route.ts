import { bodyForm, refuse, route } from '@/app/server/answer'
import { knownGolfer } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { theDatabase } from '@/store/database'
import { changeGolfer } from '@/store/golfers'
import { GOLFER_CHANGE } from '@/wire/forms'

export const PATCH = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const change = await bodyForm(request, GOLFER_CHANGE)
  if (changeGolfer(theDatabase(), golfer, change) === 'name-taken') {
    refuse(422, 'name', `There is a golfer called ${change.name} already: choose another name.`)
  }
  notify()
  return Response.json({ id: golfer.id })
})
