import { refuse, route } from '@/http/route'
import { fileName } from '@/http/file-name'
import { requireGolfer } from '@/http/require'
import { theDatabase } from '@/store/database'
import { exportFile, EXPORTS, type Export } from '@/views/export-file'

const isExport = (what: string | null): what is Export =>
  (EXPORTS as readonly (string | null)[]).includes(what)

/** What a golfer takes along: `?what=shots`, `stocks` or `steps` as CSV, `golfer` for everything as JSON. */
export const GET = route<{ golferId: string }>((request, { golferId }) => {
  const golfer = requireGolfer(golferId)
  const what = new URL(request.url).searchParams.get('what')
  if (!isExport(what)) return refuse(422, 'what', `There is no such file: ask for ${EXPORTS.join(', ')}.`)
  const text =
    exportFile(theDatabase(), golfer, what, Date.now()) ??
    refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
  const type = what === 'golfer' ? 'application/json' : 'text/csv'
  return new Response(text, {
    headers: {
      'Content-Type': `${type}; charset=utf-8`,
      'Content-Disposition': fileName(golfer, what === 'golfer' ? 'banco.json' : `${what}.csv`),
    },
  })
})
