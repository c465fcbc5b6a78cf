import { route } from '@/app/server/answer'
import { knownGolfer } from '@/app/server/known'
import { theDatabase } from '@/store/database'
import { shotRecords } from '@/store/shot-files'
import { writeShotsCsv } from '@/wire/shots-csv'
import { writeShotsJson } from '@/wire/shots-json'

/** All shots of a golfer as a file: `?format=csv` or `?format=json`. */
export const GET = route<{ golferId: string }>((request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const json = new URL(request.url).searchParams.get('format') === 'json'
  const records = shotRecords(theDatabase(), golfer.id)
  const name = `${golfer.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-shots.${json ? 'json' : 'csv'}`
  return new Response(json ? writeShotsJson(records) : writeShotsCsv(records), {
    headers: {
      'Content-Type': json ? 'application/json; charset=utf-8' : 'text/csv; charset=utf-8',
      'Content-Disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}`,
    },
  })
})
