import { bodyForm, route } from '@/http/route'
import { requireGolfer, requireClub } from '@/http/require'
import type { ClubId } from '@/core/model/ids'
import type { LabelMeaning } from '@/core/shots/club-for-label'
import { changeLabel } from '@/store/club-labels'
import { theDatabase } from '@/store/database'
import { LABEL_FORM } from '@/formats/forms'

/** What a name in files and feeds means from now on, and for the shots that came under it. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const { label, means } = await bodyForm(request, LABEL_FORM)
  const meaning: LabelMeaning =
    means === 'later'
      ? { says: 'later' }
      : means === 'forgotten'
        ? { says: 'forgotten' }
        : { says: 'is', clubId: requireClub(golfer.id, means as ClubId) }
  const moved = changeLabel(theDatabase(), golfer.id, label, meaning, Date.now())
  return Response.json({ label, moved })
})
