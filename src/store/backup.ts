import Sqlite from 'better-sqlite3'
import { copyFileSync, existsSync, mkdtempSync, renameSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { dirname, join } from 'node:path'
import { openDatabase, type Database } from './database'

export class BackupError extends Error {}

/** Writes the whole database to a new file: compact, and as it stood at this moment. */
export function backUp(db: Database, path: string): void {
  if (existsSync(path)) throw new BackupError(`${path} is there already: name another file.`)
  try {
    db.prepare('VACUUM INTO ?').run(path)
  } catch (error) {
    rmSync(path, { force: true })
    throw new BackupError(
      `The backup could not be written to ${path} (${(error as Error).message}): name another place.`,
    )
  }
}

export type BackupContents = { golfers: number; sessions: number; shots: number }

/**
 * Checks a backup from end to end without touching it: that it is a whole database of Banco's, of this version
 * or an older one.
 * @throws BackupError with a sentence
 */
export function checkBackup(path: string): BackupContents {
  const folder = mkdtempSync(join(tmpdir(), 'banco-restore-'))
  const copy = join(folder, 'copy.db')
  try {
    copyFileSync(path, copy)
    const bare = new Sqlite(copy)
    try {
      const broken = bare.pragma('integrity_check', { simple: true })
      if (broken !== 'ok')
        throw new BackupError(`This backup is damaged (${String(broken).slice(0, 100)}): take another.`)
      const isBanco = bare.prepare("SELECT 1 FROM sqlite_master WHERE name = 'migration'").get() !== undefined
      if (!isBanco)
        throw new BackupError('This is a database, but none of Banco’s: choose a backup that Banco wrote.')
      if ((bare.pragma('foreign_key_check') as unknown[]).length > 0)
        throw new BackupError('This backup contradicts itself: take another.')
    } finally {
      bare.close()
    }
    // Opening it brings the copy up to date, which shows that the backup can be.
    const db = openDatabase(copy)
    const count = (table: string) => db.prepare(`SELECT count(*) FROM ${table}`).pluck().get() as number
    const contents = { golfers: count('golfer'), sessions: count('session'), shots: count('shot') }
    db.close()
    return contents
  } catch (error) {
    if (error instanceof BackupError) throw error
    const missing = (error as { code?: string }).code === 'ENOENT'
    throw new BackupError(
      missing
        ? `There is no file ${path}: name another.`
        : `This is no backup of Banco's (${(error as Error).message})`,
    )
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

/**
 * Puts a checked backup in the place of a database that nobody has open. What was there is kept beside it.
 * @returns where the database that was there is kept; null where there was none
 */
export function putBackup(path: string, database: string, nowMs: number): string | null {
  checkBackup(path)
  const kept = join(dirname(database), `banco-before-${nowMs}.db`)
  const fresh = `${database}.new`
  copyFileSync(path, fresh)
  const there = existsSync(database)
  if (there) {
    aloneWith(database)
    renameSync(database, kept)
  }
  for (const rest of ['-wal', '-shm']) rmSync(database + rest, { force: true })
  renameSync(fresh, database)
  return there ? kept : null
}

/** Folds the log of a database into its file, which fails while anybody else has it open. */
function aloneWith(database: string): void {
  const db = new Sqlite(database, { timeout: 200 })
  try {
    db.pragma('journal_mode = DELETE')
  } catch {
    throw new BackupError('Banco is running on these data: stop it first, then restore.')
  } finally {
    db.close()
  }
}
