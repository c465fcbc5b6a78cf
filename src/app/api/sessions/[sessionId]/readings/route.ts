import { READINGS_FORM } from '@/formats/monitor-forms'
import { requireOwnedSession } from '@/http/require'
import { bodyForm, refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { takeReadings } from '@/store/monitors'

/** What the screen of another monitor said of shots of this session: compared, and in no stock. */
export const POST = route<{ sessionId: string }>(async (request, { sessionId }) => {
  const session = requireOwnedSession(sessionId)
  const typed = await bodyForm(request, READINGS_FORM)
  const taken = takeReadings(theDatabase(), session.id, typed, Date.now())
  if (taken === 'counts')
    refuse(
      409,
      'monitor',
      `The shots of ${typed.monitor} count in this session: give the other screen another name.`,
    )
  if (taken === 'no-shot')
    refuse(404, 'readings', 'One of these shots is not there any more: read the page anew.')
  if (taken === 'other-contents')
    refuse(409, 'readings', 'There is another shot with this id: type it again.')
  return Response.json({ readings: typed.readings.length }, { status: 201 })
})
