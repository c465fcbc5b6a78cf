import { describe, expect, it } from 'vitest'
import { importShots } from '../../tests/import-shots'
import { EMPTY_SET_UP } from '@/core/session/set-up'
import { saySession } from './session-events'
import { keepSetUp } from './set-ups'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import type { GolferId, ShotId } from '../core/model/ids'
import { shotsCsvRows, shotsCsvTitles } from '../formats/shots-csv'
import { fileShots } from '../formats/table/file-shots'
import { readTable } from '../formats/table/read-table'
import { bagOf, startBag } from './bags'
import { openDatabase, type Database } from './database'
import { addGolfer } from './golfers'
import { removeGolfer, writeGolferDocument } from './golfer-document'
import { currentSession, endSession, historyOf, sessionsOf } from './sessions'
import { importing, importsOf, knownShots, removeStopped, withdrawImport } from './shot-files'
import { bagInput } from './bag-input'
import { shotsOnFile } from './shots-on-file'
import { addEvents, shotById, takeShot } from './shots'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const WHEN = { nowMs: NOW_MS, offsetMin: 0 }

const shotRecords = (db: Database, golferId: GolferId) =>
  [...shotsOnFile(db, { id: golferId, stocksOff: null }, NOW_MS)].flat().map(({ record }) => record)
const written = (db: Database, golferId: GolferId): string =>
  shotsCsvTitles(YARDS) + shotsCsvRows(shotRecords(db, golferId), YARDS, () => '')

function withShots() {
  const store = storeWithGolfer()
  const { db, clubId, sessionId } = store
  const common = { sessionId, hitMs: NOW_MS, clubLabel: null, heldBecause: null, swing: 'full' } as const
  takeShot(db, {
    ...common,
    id: 'a' as ShotId,
    source: 'typed',
    clubId: clubId('8-iron'),
    carryM: 121,
    offlineM: -2.5,
  })
  takeShot(db, {
    ...common,
    id: 'b' as ShotId,
    source: 'monitor',
    clubId: clubId('8-iron'),
    carryM: 90.1,
    spinRpm: 7000,
  })
  takeShot(db, {
    ...common,
    id: 'c' as ShotId,
    source: 'typed',
    clubId: clubId('7-iron'),
    swing: 'half',
    carryM: 1 / 3 + 80,
  })
  addEvents(
    db,
    [{ shotSeq: shotById(db, 'b' as ShotId)?.seq as number, event: { kind: 'mark', mark: 'fat' } }],
    NOW_MS,
  )
  return store
}

/** Another Banco, with a golfer who has the same bag and no shots. */
function emptyBanco() {
  const db = openDatabase(':memory:')
  const id = 'other' as GolferId
  const settings = {
    name: 'Merryn Oates',
    hand: 'left',
    lengthUnit: 'm',
    speedUnit: 'm/s',
    goalZoneM: null,
  } as const
  addGolfer(db, id, settings, NOW_MS)
  const clubs = [
    { name: '7-iron', kind: 'iron', loftDeg: 32 } as const,
    { name: '8-iron', kind: 'iron', loftDeg: 36 } as const,
  ]
  startBag(db, id, { name: 'Bag', clubs }, NOW_MS)
  return { db, id }
}

describe('a file of shots', () => {
  it('goes out as CSV, comes into another Banco, and goes out the same', () => {
    const { db, golfer } = withShots()
    const text = written(db, golfer.id)
    const other = emptyBanco()
    const table = readTable(new TextEncoder().encode(text), { lengthUnit: 'yd', offsetMin: 0 })
    expect(table.ok).toBe(true)
    if (!table.ok) return
    const result = importShots(other.db, other.id, { name: 'shots', shots: fileShots(table.rows, 0) }, WHEN)
    expect(result).toMatchObject({ taken: 3, known: 0, held: 0, conflicts: [] })
    expect(written(other.db, other.id)).toBe(text)
  })

  it('brings ball and surface back, of each shot its own', () => {
    const { db, golfer, sessionId } = withShots()
    keepSetUp(db, golfer.id, sessionId, { ...EMPTY_SET_UP, surface: 'mat', ball: 'Range ball' })
    saySession(db, sessionId, { kind: 'ball', ball: '=Own ball' }, NOW_MS, 2)
    const hitWith = (of: Database, id: GolferId) =>
      shotRecords(of, id).map(({ ball, surface }) => [ball, surface])
    const before = hitWith(db, golfer.id)
    expect(before).toEqual([
      ['Range ball', 'mat'],
      ['=Own ball', 'mat'],
      ['=Own ball', 'mat'],
    ])
    const text = written(db, golfer.id)
    const other = emptyBanco()
    const table = readTable(new TextEncoder().encode(text), { lengthUnit: 'yd', offsetMin: 0 })
    if (!table.ok) throw new Error('it is a table')
    importShots(other.db, other.id, { name: 'shots', shots: fileShots(table.rows, 0) }, WHEN)
    expect(hitWith(other.db, other.id)).toEqual(before)
    expect(written(other.db, other.id)).toBe(text)
  })

  it('from elsewhere is one session a day and name, its clubs are mapped once, and new ones stand on the rack', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const day = NOW_MS - 86_400_000
    const shots = [
      { club: '4H', carryM: 160, hitMs: day, visit: 'a' },
      { club: '4H', carryM: 161, hitMs: day + 1, visit: 'a' },
      { club: 'Spoon', carryM: 190, hitMs: day, visit: 'b' },
    ]
    const eight = Array.from({ length: 8 }, (_, i) => ({ club: '4H', carryM: 158 + i, visit: 'c' }))
    const waiting = importShots(db, golfer.id, { name: 'w.csv', shots: eight }, WHEN)
    expect(waiting).toMatchObject({ taken: 0, held: 8 })
    const clubs = { '4H': clubId('7-wood'), Spoon: 'new' as const }
    const result = importShots(db, golfer.id, { name: 'x.csv', shots, clubs }, WHEN)
    expect(result).toMatchObject({ taken: 3, held: 0 })
    expect(
      sessionsOf(db, golfer.id)
        .filter(({ files }) => files > 0)
        .filter(({ shots: n }) => n > 0),
    ).toHaveLength(3)
    expect(bagOf(db, golfer.id)?.rack.map(({ name }) => name)).toContain('Spoon')
    expect(
      importShots(db, golfer.id, { name: 'y.csv', shots: [{ club: '4h', carryM: 159 }] }, WHEN),
    ).toMatchObject({
      taken: 1,
      held: 0,
    })
    expect(knownShots(db, golfer.id, [...shots, { club: '4H', carryM: 1 }])).toEqual([
      true,
      true,
      true,
      false,
    ])
  })

  it('twice takes nothing twice, with ids and without', () => {
    const { db, golfer } = withShots()
    const records = shotRecords(db, golfer.id)
    expect(importShots(db, golfer.id, { name: 'x', shots: records }, WHEN)).toMatchObject({
      taken: 0,
      known: 3,
    })
    const bare = ['118', '119', '118'].map((carry) => ({ club: '8-iron', carryM: Number(carry) }))
    expect(importShots(db, golfer.id, { name: 'y', shots: bare }, WHEN)).toMatchObject({ taken: 3 })
    expect(importShots(db, golfer.id, { name: 'y', shots: bare }, WHEN)).toMatchObject({ taken: 0, known: 3 })
    expect(sessionsOf(db, golfer.id)).toHaveLength(2)
  })

  it('holds what it cannot place, and withdraws as one', () => {
    const { db, golfer } = storeWithGolfer()
    const shots = [
      { club: 'mashie', carryM: 100 },
      { club: '8-iron', carryM: 999 },
      { club: '8-iron', carryM: 118, mark: 'thin' as const },
    ]
    const result = importShots(db, golfer.id, { name: 'old.csv', shots }, WHEN)
    expect(result).toMatchObject({ taken: 1, held: 2 })
    expect(importsOf(db, golfer.id)).toMatchObject([{ name: 'old.csv', shots: 3 }])
    expect(withdrawImport(db, golfer.id, result.importId, NOW_MS)).toBe(3)
    expect(shotRecords(db, golfer.id)).toEqual([])
    expect(importShots(db, golfer.id, { name: 'old.csv', shots }, WHEN)).toMatchObject({ taken: 1, held: 2 })
    expect(shotRecords(db, golfer.id).at(-1)?.mark).toBe('thin')
  })

  it('decided later waits, whatever its letters say, and a later choice is obeyed', () => {
    const { db, golfer, clubId } = storeWithGolfer()
    const shots = Array.from({ length: 8 }, (_, i) => ({ club: '5H', carryM: 158 + i }))
    const later = importShots(db, golfer.id, { name: 'x', shots, clubs: { '5H': 'later' } }, WHEN)
    expect(later).toMatchObject({ taken: 0, held: 8 })
    const more = [{ club: '5H', carryM: 170 }]
    const clubs = { '5H': clubId('7-wood') }
    expect(importShots(db, golfer.id, { name: 'y', shots: more, clubs }, WHEN)).toMatchObject({ taken: 1 })
    const all = shotRecords(db, golfer.id)
    expect(all).toHaveLength(9)
    expect(all.every(({ club }) => club === '7-wood')).toBe(true)
  })

  it('of one golfer is not on file already for another', () => {
    const { db, golfer } = withShots()
    const records = shotRecords(db, golfer.id)
    const other = addSecondGolfer(db)
    startBag(db, other, { name: 'Bag', clubs: [{ name: '8-iron', kind: 'iron', loftDeg: 36 }] }, NOW_MS)
    expect(knownShots(db, other, records)).toEqual([false, false, false])
    const file = { name: 'x', shots: records }
    expect(importShots(db, other, file, WHEN)).toMatchObject({ taken: 2, held: 1, known: 0, conflicts: [] })
    expect(importShots(db, other, file, WHEN)).toMatchObject({ taken: 0, known: 3 })
    expect(shotRecords(db, golfer.id)).toEqual(records)
  })

  it('leaves no session that the Bay would go on with, and none at all once it is withdrawn', () => {
    const { db, golfer, sessionId } = storeWithGolfer()
    endSession(db, sessionId, NOW_MS)
    const shots = [{ club: '8-iron', carryM: 118, hitMs: NOW_MS }]
    const { importId } = importShots(db, golfer.id, { name: 'x', shots }, WHEN)
    expect(currentSession(db, golfer.id, NOW_MS)).toBeNull()
    withdrawImport(db, golfer.id, importId, NOW_MS)
    expect(sessionsOf(db, golfer.id).filter(({ shots: n, files }) => n > 0 || files === 0)).toHaveLength(1)
  })

  it('that fails on the way saves nothing', () => {
    const { db, golfer } = storeWithGolfer()
    function* shots() {
      yield { club: '8-iron', carryM: 118 }
      throw new Error('the file ended too soon')
    }
    expect(() => importShots(db, golfer.id, { name: 'x', shots: shots() }, WHEN)).toThrow('too soon')
    expect(shotRecords(db, golfer.id)).toEqual([])
    expect(sessionsOf(db, golfer.id)).toHaveLength(1)
  })
})

it('a file whose own column names the monitor is only compared as well: its shots are in no stock, and known again', () => {
  const { db, golfer } = withShots()
  const file = {
    name: 'second.csv',
    watches: true,
    shots: [
      { club: '8-iron', carryM: 120.4, hitMs: NOW_MS + 1_000, monitor: 'Bay 3' },
      { club: '8-iron', carryM: 91, hitMs: NOW_MS + 31_000, monitor: 'Bay 3' },
    ],
  } as never as Parameters<typeof importShots>[2]
  const before = shotRecords(db, golfer.id).length
  const { importId } = importShots(db, golfer.id, file, WHEN)
  expect(
    db.prepare('SELECT count(*) FROM shot_now WHERE import_id = ? AND watched').pluck().get(importId),
  ).toBe(2)
  expect(shotRecords(db, golfer.id)).toHaveLength(before)
  expect(knownShots(db, golfer.id, file.shots, { monitor: null })).toEqual([true, true])
})

describe('an import in parts', () => {
  const rows = (from: number, many: number) =>
    Array.from({ length: many }, (_, i) => ({
      ...{ club: i % 2 === 0 ? '8-iron' : 'Spoon', carryM: 120 + (from + i) / 1000, session: 'day one' },
      ...(i === 3 && { mark: 'fat' as const }),
    }))
  const file = { name: 'x.csv', clubs: { Spoon: 'new' as const } }
  const all = (db: Database, id: GolferId) => {
    const parts: string[] = []
    writeGolferDocument(db, id, (part) => parts.push(part))
    return parts.join('')
  }
  const started = () => {
    const store = withShots()
    const before = all(store.db, store.golfer.id)
    const into = importing(store.db, store.golfer.id, file, WHEN)
    into.begin()
    into.add(rows(0, 3000))
    return { ...store, before, into }
  }

  it('is hidden on every page and in every file until its last part', () => {
    const { db, golfer, sessionId, into } = started()
    const seen = () => [
      sessionsOf(db, golfer.id).length,
      historyOf(db, golfer.id).shots,
      importsOf(db, golfer.id).length,
      currentSession(db, golfer.id, NOW_MS)?.id,
      bagInput(db, golfer, bagOf(db, golfer.id)!, NOW_MS).shots.length,
    ]
    expect(seen()).toEqual([1, 3, 0, sessionId, 3])
    expect(() => all(db, golfer.id)).toThrow('A file is being imported')
    into.add(rows(3000, 10))
    expect(into.finish()).toMatchObject({ taken: 3010, held: 0 })
    expect(seen().slice(0, 3)).toEqual([2, 3013, 1])
    expect(all(db, golfer.id)).toContain('Spoon')
  })

  it('leaves nothing when it was stopped and removed, and the file can be imported again', () => {
    const { db, golfer, before } = started()
    const other = addSecondGolfer(db)
    expect(removeStopped(db, other)).toBe(false)
    while (removeStopped(db));
    expect(all(db, golfer.id)).toBe(before)
    expect(importShots(db, golfer.id, { ...file, shots: rows(0, 3000) }, WHEN)).toMatchObject({ taken: 3000 })
    expect(() => db.prepare("DELETE FROM shot WHERE source = 'file'").run()).toThrow('never deleted')
  })

  it('restores withdrawn shots when it ends', () => {
    const { db, golfer } = withShots()
    const shots = rows(0, 4)
    const { importId } = importShots(db, golfer.id, { ...file, shots }, WHEN)
    withdrawImport(db, golfer.id, importId, NOW_MS)
    const into = importing(db, golfer.id, file, WHEN)
    into.begin()
    into.add(shots)
    expect(historyOf(db, golfer.id).shots).toBe(3)
    into.finish()
    expect(historyOf(db, golfer.id).shots).toBe(7)
  })

  it('is removed with its golfer', () => {
    const { db, golfer } = started()
    removeGolfer(db, golfer.id)
    expect(db.prepare('SELECT count(*) FROM shot').pluck().get()).toBe(0)
  })
})
