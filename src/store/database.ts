import Sqlite, { type Database } from 'better-sqlite3'
import { chmodSync, existsSync, statSync } from 'node:fs'
import { basename, dirname } from 'node:path'
import { DataError, hindrance, isDamage } from './data-error'
import { dataFolder, databasePath, keptCopies } from './data-folder'
import { migrate, sqlOf } from './migrate'

export type { Database }

/**
 * Opens a database file, made if missing, and brings it up to date.
 * Every commit is on disk before it returns (synchronous = FULL).
 * @param checked its pages are looked through first
 * @param busyMs how long it waits for another writer
 * @throws DataError with a sentence for the golfer
 */
export function openDatabase(path: string, { checked = false, busyMs = 5000 } = {}): Database {
  refuseEmpty(path)
  const isNew = path !== ':memory:' && !existsSync(path)
  let db: Database | undefined
  try {
    db = new Sqlite(path, { timeout: busyMs })
    if (isNew) chmodSync(path, 0o600)
    if (checked && db.pragma('quick_check(1)', { simple: true }) !== 'ok') throw damaged(path)
    db.pragma('journal_mode = WAL')
    db.pragma('synchronous = FULL')
    db.pragma('foreign_keys = ON')
    migrate(db)
    db.pragma('temp_store = MEMORY')
    db.exec(sqlOf('views.sql'))
    return db
  } catch (error) {
    db?.close()
    if (isDamage(error)) throw damaged(path)
    const why = hindrance(error)
    throw why === null || error instanceof DataError ? error : new DataError(`${path}: ${why}`)
  }
}

const damaged = (path: string) =>
  new DataError(
    `${path} is damaged, or no database of Banco’s. Put one of its copies or a backup in its place (npm run -s banco -- restore FILE), or move it away and begin anew.`,
    true,
  )

/** An empty database in the place of one that went astray would look as if all shots were lost. */
function refuseEmpty(path: string): void {
  if (basename(path) !== 'banco.db') return
  const there = existsSync(path) ? statSync(path) : null
  if (there?.isDirectory())
    throw new DataError(
      `${path} is a folder, where Banco needs its data file. Put a copy or a backup in its place (npm run -s banco -- restore FILE), or move it away.`,
      true,
    )
  if (there && there.size > 0) return
  const kept = keptCopies(dirname(path))
  if (kept.length > 0)
    throw new DataError(
      `${path} is ${there ? 'empty' : 'gone'}, and earlier states of it lie beside it. Put one back (npm run -s banco -- restore FILE), such as ${kept.at(-1)}; or move them away to begin anew.`,
      true,
    )
}

type Held = { database: Database; path: string; file: number }
const held = globalThis as { bancoDatabase?: Held; bancoOpened?: number }

/** A server answers nobody else while it waits for another writer: it asks its callers to come again instead. */
const SERVER_BUSY_MS = 1000

/**
 * The one database of this process, opened and looked through at first use in the data folder.
 * @throws DataError
 */
export function theDatabase(): Database {
  if (!held.bancoDatabase) {
    const path = databasePath(dataFolder())
    const database = openDatabase(path, { checked: true, busyMs: SERVER_BUSY_MS })
    held.bancoDatabase = { database, path, file: statSync(path).ino }
    held.bancoOpened = (held.bancoOpened ?? 0) + 1
  }
  return held.bancoDatabase.database
}

/** Closes it, with its log folded into its file; the next use opens it anew. */
export function closeTheDatabase(): void {
  held.bancoDatabase?.database.close()
  delete held.bancoDatabase
}

/** @throws DataError where the file was moved, deleted or replaced while it is open: what is written now would be lost. */
export function refuseMoved(): void {
  if (!held.bancoDatabase) return
  const { path, file } = held.bancoDatabase
  if (existsSync(path) && statSync(path).ino === file) return
  throw new DataError(
    `${path} was moved, deleted or replaced while Banco runs. Nothing was changed: put it back, or stop Banco and start it again.`,
  )
}

/** A text that changes with every write to the data: by this process, by another one, or by another database in its place. */
export const dataMark = (): string => {
  const db = theDatabase()
  return `${held.bancoOpened} ${markOf(db)}`
}

/** The same of one open database. */
export const markOf = (db: Database): string =>
  `${db.prepare('SELECT total_changes()').pluck().get() as number} ${db.pragma('data_version', { simple: true })}`

/** One value for each open database, made at first use. */
export function perDatabase<Value extends object>(make: () => Value): (db: Database) => Value {
  const values = new WeakMap<Database, Value>()
  return (db) => {
    const value = values.get(db) ?? make()
    values.set(db, value)
    return value
  }
}
