import Sqlite from 'better-sqlite3'
import type { GolferId } from '@/core/model/ids'
import type { Database } from './database'
import { golferDocument, insertDocument, type GolferDocument } from './golfer-document'
import { migrate, readMigrations } from './migrate'

/** Documents of the first format did not say by which tables they were written; the first of them were of this schema. */
const FIRST_SCHEMA = 5

/**
 * A document of an earlier version as this version would have written it: its rows are put into tables as
 * they were then, and the migrations that came since fill what is missing, as they fill a database.
 * @returns the document itself where no earlier version wrote it
 */
export function broughtUpToDate(document: GolferDocument): GolferDocument {
  const migrations = readMigrations()
  const schema = document.schema ?? schemaOf(document, migrations.length)
  if (schema === null || schema >= migrations.length) return document
  const db = new Sqlite(':memory:')
  try {
    db.pragma('foreign_keys = ON')
    migrate(db, migrations.slice(0, schema))
    insertDocument(db, document)
    migrate(db, migrations)
    return golferDocument(db, document.tables.golfer?.[0]?.id as GolferId)
  } finally {
    db.close()
  }
}

/** By which tables a document was written that does not say: those that its rows fit letter for letter. */
function schemaOf({ tables }: GolferDocument, newest: number): number | null {
  const migrations = readMigrations()
  for (let schema = newest; schema >= FIRST_SCHEMA; schema--) {
    const db = new Sqlite(':memory:')
    migrate(db, migrations.slice(0, schema))
    const fits = Object.entries(tables).every(([name, rows]) => {
      const columns = columnsIn(db, name)
      if (columns.length === 0) return false
      const row = rows[0]
      // A counter column is never written, so that a row may lack one.
      return row === undefined || columns.filter((column) => !(column in row)).length <= 1
    })
    const known = Object.entries(tables).every(([name, rows]) => {
      const columns = new Set(columnsIn(db, name))
      return rows[0] === undefined || Object.keys(rows[0]).every((column) => columns.has(column))
    })
    const golfer = tables.golfer?.[0]
    const whole = golfer !== undefined && columnsIn(db, 'golfer').every((column) => column in golfer)
    db.close()
    if (fits && known && whole) return schema
  }
  return null
}

const columnsIn = (db: Database, table: string): string[] =>
  (db.pragma(`table_info(${JSON.stringify(table)})`) as { name: string }[]).map(({ name }) => name)
