import { statSync } from 'node:fs'
import { LONG_FROM } from '@/core/long-work'
import { BackupError, putBackup } from '@/store/backup'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase } from '@/store/database'
import { doWork, letGoBeside } from './beside'
import { notify } from './notices'
import { refuse } from './route'
import { holdWriters } from './writers'

/** Puts a file in the place of all data, once it is checked, and says where what was there is kept. */
export async function restoreFrom(path: string): Promise<Response> {
  try {
    await doWork('check', { path }, { isLong: statSync(path).size > LONG_FROM.databaseBytes })
    const letGo = await holdWriters()
    try {
      await letGoBeside()
      closeTheDatabase()
      const kept = putBackup(path, databasePath(dataFolder()), Date.now(), { isChecked: true })
      notify()
      return Response.json({ kept })
    } finally {
      letGo()
    }
  } catch (error) {
    if (error instanceof BackupError) return refuse(422, '', error.message)
    throw error
  }
}
