import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import Sqlite from 'better-sqlite3'
import { describe, expect, it } from 'vitest'
import { databasePath } from './data-folder'
import { openDatabase } from './database'
import { migrate, readMigrations, type Migration } from './migrate'

const FIRST: Migration = { number: 1, name: '0001-first', sql: 'CREATE TABLE a (x INTEGER) STRICT' }
const SECOND: Migration = { number: 2, name: '0002-second', sql: 'CREATE TABLE b (x INTEGER) STRICT' }
const tables = (db: Sqlite.Database) =>
  db.prepare("SELECT name FROM sqlite_schema WHERE type = 'table' ORDER BY name").pluck().all()
const folder = () => mkdtempSync(join(tmpdir(), 'banco-test-'))

describe('migrations', () => {
  it('are applied once, in order', () => {
    const db = new Sqlite(':memory:')
    expect(migrate(db, [FIRST])).toEqual(['0001-first'])
    expect(migrate(db, [FIRST, SECOND])).toEqual(['0002-second'])
    expect(migrate(db, [FIRST, SECOND])).toEqual([])
    expect(tables(db)).toEqual(['a', 'b', 'migration'])
  })

  it('leave nothing behind when one fails', () => {
    const db = new Sqlite(':memory:')
    expect(() =>
      migrate(db, [FIRST, { ...SECOND, sql: 'CREATE TABLE b (x INTEGER) STRICT; nonsense' }]),
    ).toThrow()
    expect(tables(db)).toEqual(['migration'])
  })

  const SHELF: Migration = {
    number: 1,
    name: '0001-shelf',
    sql: `CREATE TABLE shelf (id INTEGER PRIMARY KEY, kind TEXT CHECK (kind IN ('iron'))) STRICT;
          CREATE TABLE club (shelf_id INTEGER NOT NULL REFERENCES shelf (id)) STRICT;
          INSERT INTO shelf VALUES (7, 'iron'); INSERT INTO club VALUES (7)`,
  }
  const anew = (kept: string): Migration => ({
    number: 2,
    name: '0002-anew',
    sql: `CREATE TABLE new_shelf (id INTEGER PRIMARY KEY, kind TEXT) STRICT;
          INSERT INTO new_shelf SELECT id, kind FROM shelf WHERE ${kept};
          DROP TABLE shelf; ALTER TABLE new_shelf RENAME TO shelf`,
  })
  const shelves = () => {
    const db = new Sqlite(':memory:')
    db.pragma('foreign_keys = ON')
    migrate(db, [SHELF])
    return db
  }

  it('can make a table anew that others refer to, and references are enforced again', () => {
    const db = shelves()
    migrate(db, [SHELF, anew('true')])
    db.exec("INSERT INTO shelf VALUES (8, 'chipper')")
    expect(db.prepare('SELECT id FROM shelf JOIN club ON shelf_id = id').pluck().all()).toEqual([7])
    expect(() => db.exec('INSERT INTO club VALUES (9)')).toThrow('FOREIGN KEY')
  })

  it('that lose a row others refer to change nothing', () => {
    const db = shelves()
    expect(() => migrate(db, [SHELF, anew('false')])).toThrow(/"club" refers to rows of "shelf"/)
    expect(db.prepare('SELECT id FROM shelf').pluck().all()).toEqual([7])
    expect(() => db.exec("INSERT INTO shelf VALUES (8, 'chipper')")).toThrow('CHECK')
    expect(() => db.exec('INSERT INTO club VALUES (9)')).toThrow('FOREIGN KEY')
  })

  it('of a newer version are refused by name', () => {
    const db = new Sqlite(':memory:')
    migrate(db, [FIRST, SECOND])
    expect(() => migrate(db, [FIRST])).toThrow(/newer version of Banco .*0002-second/)
  })

  it('that were edited are refused', () => {
    const db = new Sqlite(':memory:')
    migrate(db, [FIRST])
    expect(() => migrate(db, [{ ...FIRST, sql: `${FIRST.sql}; -- edited` }])).toThrow('never edited')
  })

  it('are numbered without gaps', () => {
    const dir = folder()
    writeFileSync(join(dir, '0002-second.sql'), '')
    expect(() => readMigrations(dir)).toThrow('should be number 1')
  })
})

describe('a data folder', () => {
  it('is made where it is missing', () => {
    const path = databasePath(join(folder(), 'deep', 'down'))
    openDatabase(path).close()
    const db = openDatabase(path)
    expect(db.pragma('journal_mode', { simple: true })).toBe('wal')
    expect(db.pragma('synchronous', { simple: true })).toBe(2)
    db.close()
  })

  it('that is a file, or holds another file as its database, is said in a sentence', () => {
    const dir = folder()
    writeFileSync(join(dir, 'plain'), 'hello')
    expect(() => databasePath(join(dir, 'plain'))).toThrow(/is a file, and Banco needs a folder there/)
    expect(() => databasePath(join(dir, 'plain', 'below'))).toThrow('BANCO_DATA')
    writeFileSync(join(dir, 'banco.db'), 'this is no database, however long it goes on'.repeat(200))
    expect(() => openDatabase(join(dir, 'banco.db'))).toThrow('no database of Banco')
  })
})
