import { loadView } from '@/http/workers'
import { fileName } from '@/http/file-name'
import { requireGolfer } from '@/http/require'
import { refuse, route } from '@/http/route'
import { offlineCardScript } from '@/http/offline-card-script'
import { offlineCardHtml } from '@/paper/offline-card'

/** The card of the golfer's day with the number picker, as one file for a phone. */
export const GET = route<{ golferId: string }>(async (_request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const taken = await loadView('offlineCardView', golfer, Date.now())
  if (!taken) return refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
  return new Response(offlineCardHtml(taken, offlineCardScript()), {
    headers: {
      'Content-Type': 'text/html; charset=utf-8',
      'Content-Disposition': fileName(golfer, 'card.html', 'attachment'),
    },
  })
})
