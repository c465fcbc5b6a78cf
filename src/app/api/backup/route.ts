import { statSync } from 'node:fs'
import { LONG_FROM } from '@/core/model/long-work'
import { doWork } from '@/http/workers'
import { fileResponse, forget, keepBody, uploadPath } from '@/http/uploads'
import { restoreFrom } from '@/http/restore'
import { bareRoute, route } from '@/http/route'
import { dataFolder, databasePath } from '@/store/data-folder'

/** The whole database as a file. */
export const GET = route(
  async (request) => {
    const path = uploadPath()
    const isLong = statSync(databasePath(dataFolder())).size > LONG_FROM.databaseBytes
    try {
      await doWork('backup', { path }, { isLong, signal: request.signal })
    } catch (error) {
      forget(path)
      throw error
    }
    const day = new Date().toISOString().slice(0, 10)
    return fileResponse(path, {
      'Content-Type': 'application/vnd.sqlite3',
      'Content-Disposition': `attachment; filename="banco-backup-${day}.db"`,
    })
  },
  { isFile: true },
)

const MOST_BYTES = 256 * 1024 * 1024
const TOO_LARGE = 'The backup is too large to be sent here: restore it with npm run -s banco -- restore FILE.'

/** Puts a backup in the place of all data, once it is checked. What was there is kept beside it. */
export const POST = bareRoute(async (request) => {
  const { path } = await keepBody(request, MOST_BYTES, TOO_LARGE)
  try {
    return await restoreFrom(path)
  } finally {
    forget(path)
  }
})
