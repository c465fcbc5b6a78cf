import { createReadStream, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Readable } from 'node:stream'
import { refuse, route } from '@/http/route'
import { backUp, BackupError, putBackup } from '@/store/backup'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase, theDatabase } from '@/store/database'

/** The whole database as a file. */
export const GET = route(() => {
  const folder = mkdtempSync(join(tmpdir(), 'banco-backup-'))
  const path = join(folder, 'banco.db')
  backUp(theDatabase(), path)
  const stream = createReadStream(path)
  stream.on('close', () => rmSync(folder, { recursive: true, force: true }))
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

/** Puts a backup in the place of all data, once it is checked. What was there is kept beside it. */
export const POST = route(async (request) => {
  const bytes = new Uint8Array(await request.arrayBuffer())
  if (bytes.length > MOST_BYTES)
    refuse(
      413,
      '',
      'The backup is too large to be sent here: restore it with npm run -s banco -- restore FILE.',
    )
  const folder = mkdtempSync(join(tmpdir(), 'banco-restore-'))
  const path = join(folder, 'backup.db')
  try {
    writeFileSync(path, bytes)
    closeTheDatabase()
    const kept = putBackup(path, databasePath(dataFolder()), Date.now())
    return Response.json({ kept })
  } catch (error) {
    if (error instanceof BackupError) return refuse(422, '', error.message)
    throw error
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
})
