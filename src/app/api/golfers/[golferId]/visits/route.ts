import { VISIT_FORM } from '@/formats/visit-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { planVisit, visitById } from '@/store/visits'

/** Plans a visit of a golfer. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { id, ...body } = await bodyForm(request, VISIT_FORM)
  planVisit(theDatabase(), golfer.id, id, { ...body, words: null, followUp: null })
  if (visitById(theDatabase(), id)?.golferId !== golfer.id)
    refuse(409, 'id', 'There is another visit with this id: plan it again.')
  return Response.json({ id }, { status: 201 })
})
