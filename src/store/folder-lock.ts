import Sqlite, { type Database } from 'better-sqlite3'
import { chmodSync } from 'node:fs'
import { join } from 'node:path'
import { DataError, hindrance, sqliteCode } from './data-error'

const held = new Set<Database>()

/**
 * Takes a data folder for one server, until the returned function is called or the process ends: the system gives such a
 * lock back however the process came to its end. Commands that read and write beside a server do without it.
 * @throws DataError where another one has it
 */
export function lockFolder(folder: string): () => void {
  const path = join(folder, 'banco.lock')
  let lock: Database | undefined
  try {
    lock = new Sqlite(path, { timeout: 0 })
    chmodSync(path, 0o600)
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock?.close()
    if (sqliteCode(error) === 'SQLITE_BUSY')
      throw new DataError(
        `Banco is running on the data in ${folder} already: use that one, stop it first, or set BANCO_DATA to another folder.`,
      )
    throw hindrance(error) === null
      ? error
      : new DataError(
          `Banco cannot write in its data folder ${folder}. Give yourself the right to write it, or set BANCO_DATA to another folder.`,
        )
  }
  const locked = lock
  // A lock that nobody refers to any more would be given back by the garbage collector.
  held.add(locked)
  return () => {
    held.delete(locked)
    locked.close()
  }
}
