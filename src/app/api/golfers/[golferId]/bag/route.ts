import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { BAG_TEMPLATES } from '@/core/bag/bag-templates'
import { startBag } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { BAG_FORM } from '@/formats/forms'

/** Starts a bag from a template. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { template, name } = await bodyForm(request, BAG_FORM)
  const { clubs } =
    BAG_TEMPLATES.find(({ key }) => key === template) ?? refuse(422, 'template', 'There is no such template.')
  return Response.json(
    { id: startBag(theDatabase(), golfer.id, { name, clubs }, Date.now()) },
    { status: 201 },
  )
})
