import Sqlite from 'better-sqlite3'
import {
  chmodSync,
  closeSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  linkSync,
  mkdtempSync,
  openSync,
  realpathSync,
  renameSync,
  rmSync,
  statSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { LATEST_MS } from '@/core/model/limits'
import { hindrance, isDamage, sqliteCode } from './data-error'
import { openDatabase, type Database } from './database'
import { readMigrations, schemaAfter, schemaOf } from './migrate'

export class BackupError extends Error {}

/** Writes the whole database to a new file: compact, and as it stood at this moment. Until it is whole it has another name. */
export function backUp(db: Database, path: string): void {
  if (existsSync(path)) throw new BackupError(`${path} is there already: name another file.`)
  const fresh = `${path}.new`
  try {
    rmSync(fresh, { force: true })
    db.prepare('VACUUM INTO ?').run(fresh)
    chmodSync(fresh, 0o600)
    onDisk(fresh)
    renameSync(fresh, path)
    onDisk(dirname(path))
  } catch (error) {
    rmSync(fresh, { force: true })
    // A full disk is named as such.
    if (hindrance(error) !== null) throw error
    throw new BackupError(
      `The backup could not be written to ${path} (${(error as Error).message}): name another place.`,
    )
  }
}

export type BackupContents = { golfers: number; sessions: number; shots: number }

/**
 * Checks a backup from end to end without touching it: that it is a whole database of Banco's, of this version
 * or an older one, with nothing in it that Banco did not make.
 * @param texts the columns that hold texts of their own form, and what is wrong with one of them
 * @throws BackupError with a sentence
 */
export function checkBackup(path: string, texts?: CheckedTexts): BackupContents {
  const folder = mkdtempSync(join(tmpdir(), 'banco-check-'))
  const copy = join(folder, 'copy.db')
  try {
    copyFileSync(path, copy)
    if (statSync(copy).size === 0) throw new BackupError('This file is empty: take another.')
    const bare = new Sqlite(copy)
    try {
      lookFirst(bare)
      const broken = bare.pragma('integrity_check', { simple: true })
      if (broken !== 'ok')
        throw new BackupError(`This backup is damaged (${String(broken).slice(0, 100)}): take another.`)
      if ((bare.pragma('foreign_key_check') as unknown[]).length > 0)
        throw new BackupError('This backup contradicts itself: take another.')
    } finally {
      bare.close()
    }
    // Opening it brings the copy up to date, which shows that the backup can be.
    const db = openDatabase(copy)
    try {
      refuseStrangeTimes(db)
      if (texts) refuseStrangeTexts(db, texts)
      const count = (table: string) => db.prepare(`SELECT count(*) FROM ${table}`).pluck().get() as number
      return { golfers: count('golfer'), sessions: count('session'), shots: count('shot') }
    } finally {
      db.close()
    }
  } catch (error) {
    if (error instanceof BackupError) throw error
    if ((error as { code?: string }).code === 'ENOENT')
      throw new BackupError(`There is no file ${path}: name another.`)
    throw new BackupError(`This is no backup of Banco's (${(error as Error).message})`)
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/** A backup needs no more memory than this. */
const MOST_HEAP_BYTES = 256 * 1024 * 1024

/**
 * A backup may come from anywhere. Its schema is read before anything in it can run, a view, a trigger or a check, and must be
 * letter for letter that of the version of Banco that it names.
 */
function lookFirst(db: Database): void {
  db.pragma('trusted_schema = OFF')
  db.pragma('query_only = ON')
  db.pragma(`hard_heap_limit = ${MOST_HEAP_BYTES}`)
  const theirs = schemaOf(db)
  const migrations = readMigrations()
  const first = schemaAfter(0, migrations)
  if (!first.every((each) => theirs.includes(each)))
    throw new BackupError('This is a database, but none of Banco’s: choose a backup that Banco wrote.')
  const applied = db.prepare('SELECT count(*) FROM migration').pluck().get() as number
  if (applied > migrations.length)
    throw new BackupError(
      'This backup was made by a newer version of Banco. Start that version, or take another.',
    )
  const ours = schemaAfter(applied, migrations)
  const odd = [
    ...theirs.filter((each) => !ours.includes(each)),
    ...ours.filter((each) => !theirs.includes(each)),
  ][0]
  if (odd !== undefined)
    throw new BackupError(
      `This backup is not as Banco makes one ("${odd.split(':')[0]}" differs): take another.`,
    )
}

/** Columns that hold texts of their own form, such as JSON, and what is wrong with one of them. */
type CheckedTexts = {
  columns: readonly [table: string, column: string][]
  problem: (table: string, column: string, value: unknown) => string | null
}

function refuseStrangeTexts(db: Database, { columns, problem }: CheckedTexts): void {
  for (const [table, column] of columns)
    for (const value of db.prepare(`SELECT "${column}" FROM "${table}"`).pluck().iterate()) {
      const sentence = problem(table, column, value)
      if (sentence !== null) throw new BackupError(`This backup was changed by hand. ${sentence}`)
    }
}

function refuseStrangeTimes(db: Database): void {
  const strange = db
    .prepare(
      `SELECT (SELECT count(*) FROM shot WHERE hit_ms NOT BETWEEN 0 AND @most)
         + (SELECT count(*) FROM session WHERE started_ms NOT BETWEEN 0 AND @most)`,
    )
    .pluck()
    .get({ most: LATEST_MS }) as number
  if (strange > 0)
    throw new BackupError('This backup has shots or sessions of times that never were: take another.')
}

/** What a restore does one after the other; tests stop it after each. */
export type RestoreStage = 'copied' | 'closed' | 'kept' | 'log put aside' | 'replaced' | 'done'

/**
 * Puts a backup in the place of a database that nobody has open, once it is checked. What was there is kept beside it. Whenever it
 * is broken off, the database is the old one or the new one, whole: one rename replaces it.
 * @param after called after each step
 * @param isChecked by somebody else, just now
 * @returns where the database that was there is kept; null where there was none
 */
export function putBackup(
  path: string,
  database: string,
  nowMs: number,
  {
    after = () => {},
    isChecked = false,
    texts,
  }: { after?: (stage: RestoreStage) => void; isChecked?: boolean; texts?: CheckedTexts } = {},
): string | null {
  if (!isChecked) checkBackup(path, texts)
  const there = existsSync(database)
  // Where the path is a link, the file that it leads to is replaced.
  if (there) database = realpathSync(database)
  const folder = dirname(database)
  const isFolder = there && statSync(database).isDirectory()
  const kept = join(folder, `banco-before-${nowMs}.${isFolder ? 'folder' : 'db'}`)
  const fresh = `${database}.new`
  copyFileSync(path, fresh)
  chmodSync(fresh, 0o600)
  onDisk(fresh)
  after('copied')
  if (isFolder) renameSync(database, kept)
  else if (there) {
    foldLog(database)
    after('closed')
    linkSync(database, kept)
    onDisk(folder)
    after('kept')
    // Of a damaged database the log could not be folded in. It stays with it: in the new one it would be read as its own.
    for (const rest of ['-wal', '-shm'])
      if (existsSync(database + rest)) renameSync(database + rest, kept + rest)
    onDisk(folder)
    after('log put aside')
  } else for (const rest of ['-wal', '-shm']) rmSync(database + rest, { force: true })
  renameSync(fresh, database)
  after('replaced')
  onDisk(folder)
  after('done')
  return there ? kept : null
}

/** Waits until a file, or the names in a folder, are on disk. */
export function onDisk(path: string): void {
  const file = openSync(path, 'r')
  try {
    fsyncSync(file)
  } finally {
    closeSync(file)
  }
}

/** Folds the log of a database into its file, which fails while anybody else has it open. A damaged one stays as it is. */
function foldLog(database: string): void {
  const db = new Sqlite(database, { timeout: 200 })
  try {
    db.pragma('journal_mode = DELETE')
  } catch (error) {
    if (isDamage(error)) return
    if (sqliteCode(error) === 'SQLITE_BUSY')
      throw new BackupError('Somebody works with these data just now: end that first, then restore.')
    throw error
  } finally {
    db.close()
  }
}
