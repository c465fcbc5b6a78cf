import { refuse, route } from '@/app/server/answer'
import { fileName } from '@/app/server/file-name'
import { analysedBag } from '@/app/server/gather'
import { knownGolfer } from '@/app/server/known'
import type { Golfer } from '@/core/golfer'
import { theDatabase } from '@/store/database'
import { golferDocument, writeGolferDocument } from '@/store/golfer-document'
import { shotRecords } from '@/store/shot-files'
import { writeShotsCsv } from '@/wire/shots-csv'
import { writeStepsCsv, writeStocksCsv } from '@/wire/tables-csv'
import { clubNames } from '@/words/names'

const CSV = 'text/csv; charset=utf-8'
const FILES: Record<string, { name: string; type: string; write: (golfer: Golfer) => string }> = {
  shots: { name: 'shots.csv', type: CSV, write: ({ id }) => writeShotsCsv(shotRecords(theDatabase(), id)) },
  stocks: { name: 'stocks.csv', type: CSV, write: ofBag(writeStocksCsv) },
  steps: { name: 'steps.csv', type: CSV, write: ofBag(writeStepsCsv) },
  golfer: {
    name: 'banco.json',
    type: 'application/json; charset=utf-8',
    write: ({ id }) => writeGolferDocument(golferDocument(theDatabase(), id)),
  },
}

/** What a golfer takes along: `?what=shots`, `stocks` or `steps` as CSV, `golfer` for everything as JSON. */
export const GET = route<{ golferId: string }>((request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const file = FILES[new URL(request.url).searchParams.get('what') ?? '']
  if (!file) return refuse(422, 'what', `There is no such file: ask for ${Object.keys(FILES).join(', ')}.`)
  return new Response(file.write(golfer), {
    headers: { 'Content-Type': file.type, 'Content-Disposition': fileName(golfer, file.name) },
  })
})

function ofBag(write: typeof writeStocksCsv): (golfer: Golfer) => string {
  return (golfer) => {
    const analysed =
      analysedBag(golfer) ?? refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
    return write(analysed.analysis, golfer, clubNames(analysed.bag))
  }
}
