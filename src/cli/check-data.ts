import { DataError } from '@/store/data-error'
import { dataFolder, databasePath } from '@/store/data-folder'
import { openDatabase } from '@/store/database'
import { lockFolder } from '@/store/folder-lock'

/** Opens the database as the application would, so that what stands in the way is said before it starts. */
export async function checkData(): Promise<number> {
  try {
    const folder = dataFolder()
    const path = databasePath(folder)
    lockFolder(folder)()
    openDatabase(path, { checked: true }).close()
    console.log(path)
    return 0
  } catch (error) {
    console.error(error instanceof DataError ? error.message : error)
    // What a copy mends can be mended on the page, too.
    return error instanceof DataError && error.restorable ? 0 : 1
  }
}
