import { DONE_FORM } from '@/formats/refit-forms'
import { requireGolfer } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { doRefit, type NotDone } from '@/store/done-refit'

/** Marks fixes done: the clubs are what was on paper from that moment on. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { fixes, sinceMs } = await bodyForm(request, DONE_FORM)
  if (sinceMs > Date.now())
    return refuse(422, 'sinceMs', 'That day is in the future: type the day when it was done.')
  const not = doRefit(theDatabase(), golfer.id, fixes, sinceMs)
  return not ? refuse(422, 'sinceMs', sentenceOf(not)) : Response.json({ done: fixes.length })
})

function sentenceOf({ because, club }: NotDone): string {
  switch (because) {
    case 'no-bag':
      return 'This golfer has no bag yet: start one from a template.'
    case 'unknown':
      return 'One of these clubs is not this golfer’s: load the page again.'
    case 'too-early':
      return club
        ? `The ${club} was changed later than that once before: choose a later moment.`
        : 'The bag was changed later than that: choose a later moment.'
    case 'no-loft':
      return `The loft of the ${club} is not set: add it in Bag first.`
    case 'no-length':
      return `The length of the ${club} is not set: add it in Bag first.`
    case 'no-club':
      return 'That leaves no club to hit: keep one in the bag.'
    case 'too-many':
      return 'That makes more clubs than Rule 4.1b allows: leave one at home.'
  }
}
