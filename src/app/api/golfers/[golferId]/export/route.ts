import { LONG_FROM } from '@/core/model/long-work'
import { doWork } from '@/http/workers'
import { fileName } from '@/http/file-name'
import { fileResponse, forget, uploadPath } from '@/http/uploads'
import { requireGolfer } from '@/http/require'
import { refuse, route } from '@/http/route'
import { theDatabase } from '@/store/database'
import { historyOf } from '@/store/sessions'
import { EXPORTS, type Export } from '@/views/export-file'

const isExport = (what: string | null): what is Export =>
  (EXPORTS as readonly (string | null)[]).includes(what)

/** What a golfer takes along: `?what=shots`, `stocks` or `gaps` as CSV, `golfer` for everything as JSON. */
export const GET = route<{ golferId: string }>(
  async (request, { golferId }) => {
    const golfer = requireGolfer(golferId)
    const what = new URL(request.url).searchParams.get('what')
    if (!isExport(what)) return refuse(422, 'what', `There is no such file: ask for ${EXPORTS.join(', ')}.`)
    const path = uploadPath()
    const isLong = historyOf(theDatabase(), golfer.id).shots > LONG_FROM.shots
    try {
      const ask = { golferId: golfer.id, what, path, nowMs: Date.now() }
      if (!(await doWork('export', ask, { isLong, signal: request.signal })))
        refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
    } catch (error) {
      forget(path)
      throw error
    }
    return fileResponse(path, {
      'Content-Type': `${what === 'golfer' ? 'application/json' : 'text/csv'}; charset=utf-8`,
      'Content-Disposition': fileName(golfer, what === 'golfer' ? 'banco.json' : `${what}.csv`),
    })
  },
  { isFile: true },
)
