import { BackupError, putBackup } from '@/store/backup'
import { dataFolder, databasePath } from '@/store/data-folder'
import { closeTheDatabase } from '@/store/database'
import { notify } from './notices'
import { refuse } from './route'

/** Puts a file in the place of all data, once it is checked, and says where what was there is kept. */
export function restoreFrom(path: string): Response {
  try {
    closeTheDatabase()
    const kept = putBackup(path, databasePath(dataFolder()), Date.now())
    notify()
    return Response.json({ kept })
  } catch (error) {
    if (error instanceof BackupError) return refuse(422, '', error.message)
    throw error
  }
}
