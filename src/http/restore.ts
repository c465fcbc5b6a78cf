import { Stopped } from '@/worker/helper'
import { BackupError, putBackup } from '@/store/backup'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase } from '@/store/database'
import { doWork, replaceData } from './workers'
import { notify } from './notices'
import { refuse } from './route'
import { acquireWriters } from './writers'

/** Puts a file in the place of all data, once it is checked, and says where what was there is kept. */
export async function restoreFrom(path: string): Promise<Response> {
  try {
    await check(path)
    const release = await acquireWriters()
    try {
      const kept = await replaceData(() => {
        closeTheDatabase()
        return putBackup(path, databasePath(dataFolder()), Date.now(), { isChecked: true })
      })
      notify()
      return Response.json({ kept })
    } finally {
      release()
    }
  } catch (error) {
    if (error instanceof BackupError) return refuse(422, '', error.message)
    throw error
  }
}

/** A backup of 300,000 shots is looked through in a tenth of this. */
const CHECK_MS = 60_000

/** Looks a backup through in a process of its own, which is ended when it takes too long: a file may come from anywhere. */
async function check(path: string): Promise<void> {
  const signal = AbortSignal.timeout(CHECK_MS)
  try {
    await doWork('check', { path }, { isLong: true, signal })
  } catch (error) {
    if (error instanceof Stopped && signal.aborted)
      return refuse(422, '', 'This backup takes too long to check. Nothing was changed: take another.')
    throw error
  }
}
