import { bodyForm, refuse, route } from '@/http/route'
import { requireGolfer } from '@/http/require'
import { MOST_CLUBS } from '@/core/bag/club'
import { setSlots } from '@/store/bags'
import { theDatabase } from '@/store/database'
import { SLOTS_FORM } from '@/formats/forms'

/** Which clubs are in the bag, longest first. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { clubIds } = await bodyForm(request, SLOTS_FORM)
  switch (setSlots(theDatabase(), golfer.id, clubIds, Date.now())) {
    case 'too-many':
      return refuse(
        422,
        'clubIds',
        `That makes ${clubIds.length} clubs, and Rule 4.1b allows ${MOST_CLUBS}: take one out first.`,
      )
    case 'not-own':
      return refuse(422, 'clubIds', 'Each club can be in the bag once: load the page again.')
    case 'no-bag':
      return refuse(409, 'clubIds', 'This golfer has no bag yet: start one from a template.')
    case 'set':
      return Response.json({ clubs: clubIds.length })
  }
})
