import { dataFolder, databasePath, DataFolderError } from '@/store/data-folder'
import { NotADatabaseError, openDatabase } from '@/store/database'
import { MigrationError } from '@/store/migrate'

/** Opens the database as the application would, so that what stands in the way is said before it starts. */
export async function checkData(): Promise<number> {
  try {
    const path = databasePath(dataFolder())
    openDatabase(path).close()
    console.log(path)
    return 0
  } catch (error) {
    const known = [DataFolderError, MigrationError, NotADatabaseError].some((kind) => error instanceof kind)
    console.error(known ? (error as Error).message : error)
    return 1
  }
}
