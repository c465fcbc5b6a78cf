import { requireGolfer } from '@/http/require'
import { refuse, route } from '@/http/route'
import { isReport, reportsPdf } from '@/paper/papers'
import { theDatabase } from '@/store/database'
import { reportFrom } from '@/views/paper-view'

const MOST = 60

/** Reports of several golfers as one PDF: `?kind=report&golfer=…&golfer=…`. */
export const GET = route(async (request) => {
  const asked = new URL(request.url).searchParams
  const kind = asked.get('kind') ?? 'report'
  if (!isReport(kind)) return refuse(422, 'kind', 'Reports are made as report or report-letter: choose one.')
  const golfers = [...new Set(asked.getAll('golfer'))].map(requireGolfer)
  if (golfers.length === 0 || golfers.length > MOST)
    return refuse(422, 'golfer', `Choose one to ${MOST} golfers whose reports are wanted.`)
  const madeMs = Date.now()
  const inputs = golfers.map(
    (golfer) =>
      reportFrom(theDatabase(), golfer, madeMs) ??
      refuse(409, 'golfer', `${golfer.name} has no bag yet: start one, or leave them out.`),
  )
  return new Response(new Uint8Array(await reportsPdf(kind, inputs)), {
    headers: {
      'Content-Type': 'application/pdf',
      'Content-Disposition': `inline; filename="reports.pdf"`,
    },
  })
})
