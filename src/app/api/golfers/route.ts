import { randomUUID } from 'node:crypto'
import { bodyForm, refuse, route } from '@/http/route'
import type { GolferId } from '@/core/model/ids'
import { theDatabase } from '@/store/database'
import { addGolfer } from '@/store/golfers'
import { GOLFER_FORM } from '@/formats/forms'

export const POST = route(async (request) => {
  const settings = await bodyForm(request, GOLFER_FORM)
  const id = randomUUID() as GolferId
  if (addGolfer(theDatabase(), id, settings, Date.now()) === 'name-taken') {
    refuse(422, 'name', `There is a golfer called ${settings.name} already: choose another name.`)
  }
  return Response.json({ id }, { status: 201 })
})
