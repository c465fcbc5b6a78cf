import { VISIT_CHANGE } from '@/formats/visit-forms'
import { requireVisit } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { changeVisit, dropVisit } from '@/store/visits'

/** Changes what was said of a visit, that which is given; not where somebody else has changed it since it was read. */
export const PATCH = route<{ visitId: string }>(async (request, { visitId }) => {
  const { id } = requireVisit(visitId)
  const { changes, ...change } = await bodyForm(request, VISIT_CHANGE)
  if (changeVisit(theDatabase(), id, changes, change, Date.now()) === 'changed-since')
    refuse(
      409,
      '',
      'This visit was changed since you opened it. Copy your text, load the page again, and save it there.',
    )
  return Response.json({ id, changes: changes + 1 })
})

/** Takes a planned visit off the desk. One with words or a report stays: it is the golfer's. */
export const DELETE = route<{ visitId: string }>((_, { visitId }) => {
  const { id, words, endedMs } = requireVisit(visitId)
  if (words !== null || endedMs !== null)
    refuse(409, '', 'This visit was held and has its report: it stays with the golfer.')
  dropVisit(theDatabase(), id)
  return Response.json({ id })
})
