import { createReadStream, createWriteStream, mkdtempSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { ReadableStream as NodeStream } from 'node:stream/web'
import { restoreFrom } from '@/http/restore'
import { bareRoute, refuse, route } from '@/http/route'
import { backUp } from '@/store/backup'
import { theDatabase } from '@/store/database'

/** The whole database as a file. */
export const GET = route(() => {
  const folder = mkdtempSync(join(tmpdir(), 'banco-backup-'))
  const path = join(folder, 'banco.db')
  const forget = () => rmSync(folder, { recursive: true, force: true })
  try {
    backUp(theDatabase(), path)
  } catch (error) {
    forget()
    throw error
  }
  const stream = createReadStream(path)
  stream.on('close', forget)
  const day = new Date().toISOString().slice(0, 10)
  return new Response(Readable.toWeb(stream) as ReadableStream, {
    headers: {
      'Content-Type': 'application/vnd.sqlite3',
      'Content-Length': String(statSync(path).size),
      'Content-Disposition': `attachment; filename="banco-backup-${day}.db"`,
    },
  })
})

const MOST_BYTES = 76 * 1024 * 1024
const TOO_LARGE = 'The backup is too large to be sent here: restore it with npm run -s banco -- restore FILE.'

/** Puts a backup in the place of all data, once it is checked. What was there is kept beside it. */
export const POST = bareRoute(async (request) => {
  if (Number(request.headers.get('content-length') ?? 0) > MOST_BYTES) refuse(413, '', TOO_LARGE)
  const folder = mkdtempSync(join(tmpdir(), 'banco-restore-'))
  const path = join(folder, 'backup.db')
  try {
    const body = (request.body ?? new Blob([]).stream()) as NodeStream
    await pipeline(Readable.fromWeb(body), createWriteStream(path))
    if (statSync(path).size > MOST_BYTES) refuse(413, '', TOO_LARGE)
    return restoreFrom(path)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
})
