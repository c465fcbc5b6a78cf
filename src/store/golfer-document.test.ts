import Ajv from 'ajv/dist/2020'
import { copyFileSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { beforeAll, describe, expect, it } from 'vitest'
import { fillNetLoft } from '../../demo/net-loft'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { GolferId } from '../core/model/ids'
import { backUp, checkBackup, putBackup } from './backup'
import { clubsOf } from './clubs'
import { openDatabase, type Database } from './database'
import {
  DOCUMENT_TABLES,
  golferDocument,
  golferSchema,
  removeGolfer,
  writeGolferDocument,
  type GolferDocument,
} from './golfer-document'
import { allGolfers, golferById } from './golfers'
import { clubLabelled } from './club-labels'
import { handStocks } from './hand-stocks'
import { restoreGolfer } from './restore-golfer'
import { saySession } from './session-events'
import { undoLast } from './journal'
import { addEvents, shotsOfGolfer, shotsOfSession } from './shots'

const TILDA = 'demo-tilda' as GolferId
const folder = mkdtempSync(join(tmpdir(), 'banco-document-'))
const made = join(folder, 'net-loft.db')
beforeAll(() => {
  const db = openDatabase(made)
  fillNetLoft(db, { seed: 12, nowMs: NOW_MS })
  const session = 'demo-tilda-0' as never
  saySession(db, session, { kind: 'air', wind: 'felt', tempC: 9, surface: null }, NOW_MS)
  const last = shotsOfSession(db, session).at(-1)!
  addEvents(db, [{ shotSeq: last.seq, event: { kind: 'mark', mark: 'wild' } }], NOW_MS)
  undoLast(db, session, NOW_MS)
  db.close()
})
let copies = 0
/** The demo's data, with an event of a session that was undone. */
function netLoft(): Database {
  const copy = join(folder, `${copies++}.db`)
  copyFileSync(made, copy)
  return openDatabase(copy)
}
const written = (db: Database, id = TILDA): string => {
  const parts: string[] = []
  writeGolferDocument(db, id, (part) => parts.push(part))
  return parts.join('')
}
const parsed = (text: string) => JSON.parse(text) as GolferDocument

describe('everything of a golfer as one document', () => {
  it('goes out, is removed, comes back, and goes out the same to the byte, undo and all', () => {
    const db = netLoft()
    const text = written(db)
    const others = written(db, 'demo-marek' as GolferId)
    removeGolfer(db, TILDA)
    expect(allGolfers(db).map(({ id }) => id)).not.toContain(TILDA)
    for (const table of DOCUMENT_TABLES)
      expect(JSON.stringify(golferDocument(db, TILDA).tables[table])).toBe('[]')
    restoreGolfer(db, parsed(text))
    expect(written(db)).toBe(text)
    expect(written(db, 'demo-marek' as GolferId)).toBe(others)
    undoLast(db, 'demo-tilda-0' as never, NOW_MS)
    const { undone, marks } = { undone: golferDocument(db, TILDA).tables.undone!.length, marks: 2 }
    expect(undone).toBe(marks)
  })

  it('comes back in another Banco, beside others', () => {
    const text = written(netLoft())
    const { db } = storeWithGolfer()
    restoreGolfer(db, parsed(text))
    expect(written(db)).toBe(text)
    expect(() => db.prepare('DELETE FROM shot').run()).toThrow('never deleted')
  })

  it('leaves shots as safe as they were after a golfer was removed', () => {
    const db = netLoft()
    removeGolfer(db, TILDA)
    expect(() => db.prepare('DELETE FROM shot').run()).toThrow('never deleted')
    expect(() => db.prepare("UPDATE shot SET swing = 'half'").run()).toThrow('never changed')
    expect(db.pragma('foreign_key_check')).toEqual([])
  })

  it('is what its published schema says, which says what the tables are', () => {
    const db = netLoft()
    const published = JSON.parse(readFileSync('docs/banco-golfer.schema.json', 'utf8')) as object
    expect(published).toEqual(golferSchema(db))
    const validate = new Ajv({ strict: true, allowUnionTypes: true }).compile(published)
    expect(validate(golferDocument(db, TILDA)) || validate.errors).toBe(true)
    expect(validate({ format: 'banco-golfer/2', schema: 8, tables: {} })).toBe(false)
  })

  it('holds every table that has something of a golfer', () => {
    const tables = netLoft()
      .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")
      .pluck()
      .all() as string[]
    // Of this machine, and what only says where to look.
    const others = ['desk', 'import_under_way', 'migration', 'receiver', 'touched']
    expect(tables.filter((name) => !others.includes(name)).sort()).toEqual([...DOCUMENT_TABLES].sort())
  })

  it.each([
    ['another format', (doc: GolferDocument) => ({ ...doc, format: 'other/1' }), 'is no golfer of Banco'],
    [
      'a newer table',
      (doc: GolferDocument) => ({ ...doc, tables: { ...doc.tables, moods: [] } }),
      'a table "moods"',
    ],
    ['no golfer', (doc: GolferDocument) => ({ ...doc, tables: {} }), 'holds no one golfer'],
    [
      'a shot of no session',
      (doc: GolferDocument) => ({ ...doc, tables: { ...doc.tables, session: [] } }),
      'contradicts itself',
    ],
    [
      'a session without its golfer',
      (doc: GolferDocument) => ({
        ...doc,
        tables: { ...doc.tables, session: doc.tables.session!.map((row) => ({ ...row, golfer_id: null })) },
      }),
      'a row in "session" that is not of',
    ],
    [
      'a shot of a time that never was',
      (doc: GolferDocument) => ({
        ...doc,
        tables: { ...doc.tables, shot: doc.tables.shot!.map((row) => ({ ...row, hit_ms: 5e12 })) },
      }),
      'which is no time that was',
    ],
    [
      'a row too short',
      (doc: GolferDocument) => ({ ...doc, tables: { ...doc.tables, club: [{ id: 'x' }] } }),
      'a row without "golfer_id"',
    ],
  ])('with %s is refused, and nothing is taken', (_, change, sentence) => {
    const doc = parsed(written(netLoft()))
    const db = openDatabase(':memory:')
    expect(() => restoreGolfer(db, change(doc))).toThrow(sentence)
    expect(allGolfers(db)).toEqual([])
  })

  // Each was written by that version of Banco; a new version adds its own.
  it.each(readdirSync('tests/fixtures').filter((file) => file.startsWith('golfer-')))(
    'of an earlier version (%s) comes back, what is missing filled as the migrations fill it',
    (file) => {
      const text = readFileSync(join('tests/fixtures', file), 'utf8')
      const db = openDatabase(':memory:')
      const id = restoreGolfer(db, parsed(text))
      expect(id).toBe('demo-junia')
      const golfer = golferById(db, id)
      expect(golfer).toMatchObject({ gapRule: 'loft', followPlan: true, toleranceM: 4.572 })
      const restored = golferDocument(db, id).tables
      for (const table of ['shot', 'shot_event', 'session', 'club', 'hand_stock', 'bag_slot'])
        expect(restored[table]).toHaveLength(parsed(text).tables[table]!.length)
      expect(shotsOfGolfer(db, id)).toHaveLength(48)
      expect(handStocks(db, id)).toMatchObject([{ because: 'over the burn' }])
      expect(clubLabelled(db, id, 'm7')).toBe(restored.hand_stock![0]!.club_id)
      expect(db.pragma('foreign_key_check')).toEqual([])
      // Every shot belongs to a first set-up, which is the club as it is.
      expect(restored.club_set_up).toHaveLength(restored.club!.length)
      expect(new Set(clubsOf(db, id).map(({ sinceMs }) => sinceMs))).toEqual(new Set([0]))
    },
  )

  it('of the version before set-ups keeps how a club is made, in its first set-up', () => {
    const db = openDatabase(':memory:')
    const id = restoreGolfer(db, parsed(readFileSync('tests/fixtures/golfer-11.json', 'utf8')))
    expect(clubsOf(db, id).find(({ name }) => name === '9-iron')).toMatchObject({
      loftDeg: 41.5,
      build: { head: 'cast', loftMeasured: true, bounceDeg: 7 },
      sinceMs: 0,
    })
  })

  it('of a newer version is refused with a sentence', () => {
    const newer = { ...parsed(written(netLoft())), schema: 999 }
    expect(() => restoreGolfer(openDatabase(':memory:'), newer)).toThrow('made by a newer version')
  })

  it('with a word that no list of the core has is refused by name', () => {
    const odd = parsed(written(netLoft()))
    odd.tables.shot_event!.push({ ...odd.tables.shot_event![0]!, kind: 'mark', mark: 'shanked' })
    expect(() => restoreGolfer(openDatabase(':memory:'), odd)).toThrow(
      'says "shanked" for "mark" in "shot_event", which Banco does not know',
    )
  })

  it('of a golfer who is here is refused', () => {
    const db = netLoft()
    expect(() => restoreGolfer(db, parsed(written(db)))).toThrow('Tilda Brandvoll is here already')
  })
})

describe('a backup', () => {
  const folder = () => mkdtempSync(join(tmpdir(), 'banco-test-'))

  it('is the whole database, and comes back in the place of another, which is kept', () => {
    const at = folder()
    const backup = join(at, 'backup.db')
    const db = netLoft()
    const text = written(db)
    backUp(db, backup)
    expect(() => backUp(db, backup)).toThrow('is there already')
    expect(checkBackup(backup)).toMatchObject({ golfers: 3 })
    const live = join(at, 'banco.db')
    const old = openDatabase(live)
    expect(() => putBackup(backup, live, 7)).toThrow('Somebody works with these data')
    old.close()
    expect(putBackup(backup, live, 7)).toBe(join(at, 'banco-before-7.db'))
    const restored = openDatabase(live)
    expect(written(restored)).toBe(text)
    restored.close()
    expect(checkBackup(join(at, 'banco-before-7.db'))).toEqual({ golfers: 0, sessions: 0, shots: 0 })
  })

  it.each(readdirSync('tests/fixtures').filter((file) => file.startsWith('backup-')))(
    'of an earlier version (%s) is checked, put in place and brought up to date',
    (file) => {
      const backup = join('tests/fixtures', file)
      const live = join(folder(), 'banco.db')
      expect(checkBackup(backup)).toEqual({ golfers: 1, sessions: 1, shots: 48 })
      putBackup(backup, live, 7)
      const db = openDatabase(live)
      expect(golferById(db, 'demo-junia' as GolferId)).toMatchObject({ gapRule: 'loft', followPlan: true })
      expect(shotsOfGolfer(db, 'demo-junia' as GolferId)).toHaveLength(48)
      db.close()
    },
  )

  it('that is none, is damaged or is another program’s replaces nothing', () => {
    const at = folder()
    const live = join(at, 'banco.db')
    openDatabase(live).close()
    const before = readFileSync(live)
    const bad = join(at, 'bad.db')
    writeFileSync(bad, 'not a database at all, but long enough to be looked at')
    expect(() => putBackup(bad, live, 1)).toThrow('This is no backup of Banco')
    const whole = join(at, 'whole.db')
    backUp(netLoft(), whole)
    const bytes = readFileSync(whole)
    bytes.fill(0x41, bytes.length / 2, bytes.length / 2 + 8000)
    writeFileSync(bad, bytes)
    expect(() => putBackup(bad, live, 1)).toThrow(/damaged|no backup|malformed/)
    expect(() => putBackup(join(at, 'none.db'), live, 1)).toThrow('There is no file')
    expect(readFileSync(live)).toEqual(before)
  })
})
