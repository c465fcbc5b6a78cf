import { bodyForm, route } from '@/http/answer'
import { knownGolfer, ownClub } from '@/http/known'
import { notify } from '@/http/notices'
import type { ClubId } from '@/core/ids'
import type { LabelMeaning } from '@/core/monitor/club-for-label'
import { changeLabel } from '@/store/club-labels'
import { theDatabase } from '@/store/database'
import { LABEL_FORM } from '@/formats/forms'

/** What a name in files and feeds means from now on, and for the shots that came under it. */
export const PUT = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const { label, means } = await bodyForm(request, LABEL_FORM)
  const meaning: LabelMeaning =
    means === 'later'
      ? { says: 'later' }
      : means === 'forgotten'
        ? { says: 'forgotten' }
        : { says: 'is', clubId: ownClub(golfer.id, means as ClubId) }
  const moved = changeLabel(theDatabase(), golfer.id, label, meaning, Date.now())
  notify()
  return Response.json({ label, moved })
})
