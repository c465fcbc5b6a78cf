import Sqlite, { type Database } from 'better-sqlite3'
import { dataFolder, databasePath } from './data-folder'
import { migrate } from './migrate'

export type { Database }

/**
 * Opens a database file, made if missing, and brings it up to date.
 * Every commit is on disk before it returns (synchronous = FULL).
 * @throws NotADatabaseError, MigrationError, DataFolderError with a sentence for the golfer
 */
export function openDatabase(path: string): Database {
  const db = new Sqlite(path)
  try {
    db.pragma('journal_mode = WAL')
    db.pragma('synchronous = FULL')
    db.pragma('foreign_keys = ON')
    db.pragma('busy_timeout = 5000')
    migrate(db)
  } catch (error) {
    db.close()
    if ((error as { code?: string }).code === 'SQLITE_NOTADB') {
      throw new NotADatabaseError(
        `${path} is not a database of Banco's. Move it away and Banco makes a new one, or set BANCO_DATA to another folder.`,
      )
    }
    throw error
  }
  return db
}

export class NotADatabaseError extends Error {}

const held = globalThis as { bancoDatabase?: Database; bancoOpened?: number }

/** The one database of this process, opened at first use in the data folder. */
export function theDatabase(): Database {
  if (!held.bancoDatabase) {
    held.bancoDatabase = openDatabase(databasePath(dataFolder()))
    held.bancoOpened = (held.bancoOpened ?? 0) + 1
  }
  return held.bancoDatabase
}

/** Closes it; the next use opens it anew. */
export function closeTheDatabase(): void {
  held.bancoDatabase?.close()
  delete held.bancoDatabase
}

/** A text that changes with every write to the data: by this process, by another one, or by another database in its place. */
export function dataMark(): string {
  const db = theDatabase()
  const own = db.prepare('SELECT total_changes()').pluck().get() as number
  return `${held.bancoOpened} ${own} ${db.pragma('data_version', { simple: true })}`
}
