import { bodyForm, route } from '@/http/answer'
import { knownGolfer, ownClub } from '@/http/known'
import { notify } from '@/http/notices'
import { theDatabase } from '@/store/database'
import { leaveOnPurpose } from '@/store/left-on-purpose'
import { LEFT_FORM } from '@/formats/forms'

/** A step, a hole or a pair is wanted as it is, or no more. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { about, because } = await bodyForm(request, LEFT_FORM)
  const clubs =
    about.kind === 'step'
      ? [about.longerId, about.shorterId]
      : about.kind === 'pair'
        ? about.stations.map(({ clubId }) => clubId)
        : []
  clubs.forEach((clubId) => ownClub(golfer.id, clubId))
  leaveOnPurpose(theDatabase(), golfer.id, about, because, Date.now())
  notify()
  return Response.json({ about }, { status: 201 })
})
