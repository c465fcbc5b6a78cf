import Sqlite, { type Database } from 'better-sqlite3'
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { DataError } from './data-error'

export type Migration = { number: number; name: string; sql: string }

/**
 * Brings a database up to date. Each migration runs with its record in one transaction; those applied
 * must be a prefix of those available, letter for letter. A migration may make a table anew (make, copy, drop,
 * rename, in SQLite's own order of steps): references are not enforced meanwhile, and all are checked before the end.
 * @returns the names of the migrations that were applied now
 * @throws MigrationError for a database from a newer version, an edited or a missing migration, or one that leaves
 * rows without what they refer to
 */
export function migrate(db: Database, migrations: Migration[] = readMigrations()): string[] {
  db.exec(
    'CREATE TABLE IF NOT EXISTS migration (number INTEGER PRIMARY KEY, name TEXT NOT NULL, sha256 TEXT NOT NULL) STRICT',
  )
  const apply = db.transaction(() => {
    const applied = db.prepare('SELECT number, name, sha256 FROM migration ORDER BY number').all() as {
      number: number
      name: string
      sha256: string
    }[]
    for (const [i, row] of applied.entries()) {
      const known = migrations[i]
      if (!known) {
        throw new MigrationError(
          `The database was made by a newer version of Banco (it knows "${row.name}", this version does not). Start the newer version, or set BANCO_DATA to another folder.`,
        )
      }
      if (known.name !== row.name || sha256(known.sql) !== row.sha256) {
        throw new MigrationError(
          `The database was made with another "${row.name}" than this version's "${known.name}". Restore the migration as it was: applied migrations are never edited.`,
        )
      }
    }
    const missing = migrations.slice(applied.length)
    for (const { number, name, sql } of missing) {
      db.exec(sql)
      db.prepare('INSERT INTO migration (number, name, sha256) VALUES (?, ?, ?)').run(
        number,
        name,
        sha256(sql),
      )
    }
    if (missing.length > 0) checkReferences(db)
    return missing.map((migration) => migration.name)
  })
  // Within a transaction SQLite ignores this, so that it stands around it.
  const enforced = db.pragma('foreign_keys', { simple: true }) === 1
  db.pragma('foreign_keys = OFF')
  try {
    return apply.immediate()
  } finally {
    if (enforced) db.pragma('foreign_keys = ON')
  }
}

/** Tables, indexes, views and triggers of a database, each with its text; reading them runs none of them. */
export const schemaOf = (db: Database): string[] =>
  (
    db
      .prepare("SELECT type, name, sql FROM sqlite_schema WHERE name NOT LIKE 'sqlite_%' ORDER BY type, name")
      .all() as { type: string; name: string; sql: string | null }[]
  ).map(({ type, name, sql }) => `${type} ${name}: ${(sql ?? '').replace(/\s+/g, ' ')}`)

/** The schema that the first so many migrations make. */
export function schemaAfter(many: number, migrations: Migration[] = readMigrations()): string[] {
  const fresh = new Sqlite(':memory:')
  try {
    migrate(fresh, migrations.slice(0, many))
    return schemaOf(fresh)
  } finally {
    fresh.close()
  }
}

function checkReferences(db: Database): void {
  const [row] = db.pragma('foreign_key_check') as { table: string; parent: string }[]
  if (row)
    throw new MigrationError(
      `The database cannot be brought up to date: "${row.table}" refers to rows of "${row.parent}" that are not there. Nothing was changed; restore a backup.`,
    )
}

const storeFile = (name: string) => join(process.cwd(), 'src', 'store', name)

/** The text of an SQL file of the store. */
export const sqlOf = (name: string): string => readFileSync(storeFile(name), 'utf8')

/** The migrations of this version, read from the project's folder, numbered from 1 without gaps. */
export function readMigrations(folder = storeFile('migrations')): Migration[] {
  const files = readdirSync(folder)
    .filter((file) => file.endsWith('.sql'))
    .sort()
  return files.map((file, i) => {
    const number = Number(file.slice(0, 4))
    if (number !== i + 1) {
      throw new MigrationError(`Migration ${file} should be number ${i + 1}: numbers run without gaps.`)
    }
    return { number, name: file.slice(0, -4), sql: readFileSync(join(folder, file), 'utf8') }
  })
}

class MigrationError extends DataError {}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')
