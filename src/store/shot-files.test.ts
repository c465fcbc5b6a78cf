import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import { describe, expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { GolferId, ShotId } from '../core/ids'
import { readShotsCsv, writeShotsCsv } from '../wire/shots-csv'
import { readShotsJson, writeShotsJson } from '../wire/shots-json'
import { startBag } from './bags'
import { openDatabase } from './database'
import { addGolfer } from './golfers'
import { sessionsOf } from './sessions'
import { importShots, importsOf, shotRecords, withdrawImport } from './shot-files'
import { addEvents, shotById, takeShot } from './shots'

const WHEN = { nowMs: NOW_MS, offsetMin: 0 }

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
  it.each([
    ['CSV', writeShotsCsv, readShotsCsv],
    ['JSON', writeShotsJson, readShotsJson],
  ] as const)('goes out as %s, comes into another Banco, and goes out the same', (_, write, read) => {
    const { db, golfer } = withShots()
    const text = write(shotRecords(db, golfer.id))
    const other = emptyBanco()
    const checked = read(text)
    expect(checked.ok).toBe(true)
    if (!checked.ok) return
    const result = importShots(other.db, other.id, { name: 'shots', shots: checked.value }, WHEN)
    expect(result).toMatchObject({ taken: 3, known: 0, held: 0, conflicts: [] })
    expect(write(shotRecords(other.db, other.id))).toBe(text)
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

  it('as JSON is what its published schema says', () => {
    const { db, golfer } = withShots()
    const schema = JSON.parse(readFileSync('docs/banco-shots.schema.json', 'utf8')) as object
    const validate = new Ajv({ strict: true }).compile(schema)
    const document: unknown = JSON.parse(writeShotsJson(shotRecords(db, golfer.id)))
    expect(validate(document) || validate.errors).toBe(true)
    expect(validate({ format: 'banco-shots/1', shots: [{ club: '7-iron', carryM: '12' }] })).toBe(false)
  })
})
