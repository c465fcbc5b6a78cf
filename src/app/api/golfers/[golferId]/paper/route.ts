import { loadView } from '@/http/workers'
import { refuse, route } from '@/http/route'
import { fileName } from '@/http/file-name'
import { requireGolfer } from '@/http/require'
import { isOfDay, PAPERS, type Paper } from '@/paper/papers'
import { theDatabase } from '@/store/database'
import { plainCardUntil } from '@/views/competition'

/** A card, labels or the report as a PDF: `?kind=card-pocket`, `?kind=report-letter&visit=…`. */
export const GET = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const search = new URL(request.url).searchParams
  const kind = search.get('kind') ?? ''
  if (!(PAPERS as readonly string[]).includes(kind))
    return refuse(422, 'kind', `There is no such paper: choose one of ${PAPERS.join(', ')}.`)
  const madeMs = Date.now()
  if (isOfDay(kind) && plainCardUntil(theDatabase(), golfer.id, madeMs) !== null)
    return refuse(409, 'kind', 'In a competition round there is the plain card alone: take that one.')
  const pdf = await loadView('paperFile', golfer, kind as Paper, { madeMs, visitId: search.get('visit') })
  if (!pdf) return refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
  return new Response(pdf, {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': fileName(golfer, `${kind}.pdf`, 'inline'),
    },
  })
})
