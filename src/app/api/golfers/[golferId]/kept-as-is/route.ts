import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import { theDatabase } from '@/store/database'
import { leaveOnPurpose } from '@/store/kept-as-is'
import { LEFT_FORM } from '@/formats/forms'

/** A gap, an uncovered distance or a pair is wanted as it is, or no more. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { about, because } = await bodyForm(request, LEFT_FORM)
  const clubs =
    about.kind === 'step'
      ? [about.longerId, about.shorterId]
      : about.kind === 'pair'
        ? about.stations.map(({ clubId }) => clubId)
        : []
  clubs.forEach((clubId) => requireClub(golfer.id, clubId))
  leaveOnPurpose(theDatabase(), golfer.id, about, because, Date.now())
  return Response.json({ about }, { status: 201 })
})
