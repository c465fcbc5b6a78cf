import { DESK_FORM } from '@/formats/visit-forms'
import { bodyForm, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { setDesk } from '@/store/visits'

/** Says who sits at the desk, and whether it is wanted for one golfer alone. */
export const PUT = route(async (request) => {
  setDesk(theDatabase(), await bodyForm(request, DESK_FORM))
  return Response.json({})
})
