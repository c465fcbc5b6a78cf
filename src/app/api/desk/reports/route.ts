import { REPORTS_FORM } from '@/formats/visit-forms'
import { fileResponse, uploadPath, sentFile } from '@/http/uploads'
import { requireGolfer } from '@/http/require'
import { bodyForm, route } from '@/http/route'
import { workResponse } from '@/http/work-response'

/** Makes the reports of several golfers as one PDF, with progress. The response has the name of the file. */
export const POST = route(
  async (request) => {
    const { kind, golfers } = await bodyForm(request, REPORTS_FORM)
    const golferIds = golfers.map((id) => requireGolfer(id).id)
    const ask = { kind, golferIds, madeMs: Date.now(), path: uploadPath() }
    return workResponse(request, 'reports', ask, { isLong: true })
  },
  { isLong: true },
)

/** The PDF that was made: `?file=…`. */
export const GET = route(
  (request) =>
    fileResponse(sentFile(new URL(request.url).searchParams.get('file') ?? ''), {
      'Content-Type': 'application/pdf',
      'Content-Disposition': 'inline; filename="reports.pdf"',
    }),
  { isFile: true },
)
