import { bodyText, Refusal, route } from '@/app/server/answer'
import { knownGolfer } from '@/app/server/known'
import { notify } from '@/app/server/notices'
import { theDatabase } from '@/store/database'
import { importShots } from '@/store/shot-files'
import { readShotsCsv } from '@/wire/shots-csv'
import { readShotsJson } from '@/wire/shots-json'

const FILE_BYTES = 64 * 1024 * 1024

/** Takes a file of shots in Banco's own CSV or JSON, whole or not at all. */
export const POST = route<{ golferId: string }>(async (request, { golferId }) => {
  const golfer = knownGolfer(golferId)
  const name = (new URL(request.url).searchParams.get('name') || 'a file').slice(0, 200)
  const text = await bodyText(request, FILE_BYTES)
  const read = text.trimStart().startsWith('{') ? readShotsJson(text) : readShotsCsv(text)
  if (!read.ok) throw new Refusal(422, read.problems)
  const when = { nowMs: Date.now(), offsetMin: -new Date().getTimezoneOffset() }
  const { conflicts, ...result } = importShots(theDatabase(), golfer.id, { name, shots: read.value }, when)
  notify()
  return Response.json({ ...result, conflicts: conflicts.length })
})
