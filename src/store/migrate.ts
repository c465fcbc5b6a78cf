import type { Database } from 'better-sqlite3'
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

export type Migration = { number: number; name: string; sql: string }

/**
 * Brings a database up to date. Each migration runs with its record in one transaction; those applied
 * must be a prefix of those available, letter for letter.
 * @returns the names of the migrations that were applied now
 * @throws MigrationError for a database from a newer version, an edited or a missing migration
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
    return missing.map((migration) => migration.name)
  })
  return apply.immediate()
}

/** The migrations of this version, read from the project's folder, numbered from 1 without gaps. */
export function readMigrations(folder = join(process.cwd(), 'src', 'store', 'migrations')): Migration[] {
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

export class MigrationError extends Error {}

const sha256 = (text: string): string => createHash('sha256').update(text).digest('hex')
