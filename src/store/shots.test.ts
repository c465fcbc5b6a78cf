import { describe, expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { ShotId } from '../core/model/ids'
import { undoLast } from './journal'
import { addEvents, newestShot, shotById, shotsOfSession, takeShot, type NewShot } from './shots'

function bag() {
  const store = storeWithGolfer()
  const shot = (id: string, more: Partial<NewShot> = {}): NewShot => ({
    id: id as ShotId,
    sessionId: store.sessionId,
    source: 'typed',
    hitMs: NOW_MS,
    clubLabel: null,
    clubId: store.clubId('8-iron'),
    swing: 'full',
    carryM: 120,
    heldBecause: null,
    ...more,
  })
  const ids = () => shotsOfSession(store.db, store.sessionId).map(({ id }) => id)
  const seq = (id: string) => shotById(store.db, id as ShotId)?.seq as number
  return { ...store, shot, ids, seq }
}

describe('a shot', () => {
  it('is taken once, however often it comes', () => {
    const { db, shot, ids } = bag()
    expect(takeShot(db, shot('a'))).toBe('new')
    expect(takeShot(db, shot('a'))).toBe('known')
    expect(takeShot(db, shot('a', { carryM: 121 }))).toBe('other-contents')
    expect(ids()).toEqual(['a'])
    expect(shotById(db, 'a' as ShotId)?.carryM).toBe(120)
  })

  it('is neither changed nor deleted, whatever is asked of the database', () => {
    const { db, shot } = bag()
    takeShot(db, shot('a'))
    expect(() => db.exec('UPDATE shot SET carry_m = 1')).toThrow('never changed')
    expect(() => db.exec('DELETE FROM shot')).toThrow('never deleted')
  })

  it('keeps every digit, and nothing where nothing was measured', () => {
    const { db, shot } = bag()
    takeShot(db, shot('a', { carryM: 150 * 0.9144, offlineM: -3.3333333333333335 }))
    const read = shotById(db, 'a' as ShotId)
    expect(read?.carryM).toBe(150 * 0.9144)
    expect(read?.offlineM).toBe(-3.3333333333333335)
    expect(read).not.toHaveProperty('spinRpm')
  })

  it('cannot hold a number that is none', () => {
    const { db, shot } = bag()
    expect(() => takeShot(db, shot('a', { carryM: Infinity }))).toThrow('CHECK')
    expect(newestShot(db)).toBe(0)
  })
})

describe('undo', () => {
  it('goes back one action at a time, to before the first typed shot', () => {
    const { db, shot, ids, seq, sessionId, clubId } = bag()
    takeShot(db, shot('a'))
    takeShot(db, shot('b'))
    addEvents(db, [{ shotSeq: seq('b'), event: { kind: 'mark', mark: 'fat' } }], NOW_MS)
    addEvents(
      db,
      ['a', 'b'].map((id) => ({
        shotSeq: seq(id),
        event: { kind: 'station', clubId: clubId('7-iron'), swing: 'half' } as const,
      })),
      NOW_MS,
    )
    const state = () => shotsOfSession(db, sessionId).map(({ id, mark, swing }) => [id, mark, swing])
    expect(state()).toEqual([
      ['a', null, 'half'],
      ['b', 'fat', 'half'],
    ])
    undoLast(db, sessionId, NOW_MS)
    expect(state()).toEqual([
      ['a', null, 'full'],
      ['b', 'fat', 'full'],
    ])
    undoLast(db, sessionId, NOW_MS)
    expect(state()[1]).toEqual(['b', null, 'full'])
    undoLast(db, sessionId, NOW_MS)
    expect(ids()).toEqual(['a'])
    expect(undoLast(db, sessionId, NOW_MS)).toBe('undone')
    expect(ids()).toEqual([])
    expect(undoLast(db, sessionId, NOW_MS)).toBe('nothing')
  })

  it('returns a monitor’s shot that was withdrawn, and then takes the shot itself back', () => {
    const { db, shot, ids, seq, sessionId } = bag()
    takeShot(db, shot('m', { source: 'monitor' }))
    addEvents(db, [{ shotSeq: seq('m'), event: { kind: 'withdrawn' } }], NOW_MS)
    undoLast(db, sessionId, NOW_MS)
    expect(ids()).toEqual(['m'])
    expect(undoLast(db, sessionId, NOW_MS)).toBe('undone')
    expect(ids()).toEqual([])
  })

  it('of a typed shot keeps the shot: sent again by another page it stays taken back', () => {
    const { db, shot, ids, sessionId } = bag()
    takeShot(db, shot('a'))
    undoLast(db, sessionId, NOW_MS)
    expect(newestShot(db)).toBe(1)
    expect(takeShot(db, shot('a'))).toBe('known')
    expect(ids()).toEqual([])
  })

  it('follows a plain list of states through 200 actions made from seed 11', () => {
    const { db, shot, seq, sessionId } = bag()
    let state = 11
    const roll = (n: number) => (state = (state * 16807) % 2147483647) % n
    const look = () =>
      shotsOfSession(db, sessionId)
        .map(({ id, mark }) => `${id}:${mark}`)
        .join(' ')
    const states = [look()]
    let undone = 0
    for (let i = 0; i < 200; i++) {
      const there = shotsOfSession(db, sessionId)
      const what = roll(4)
      if (what === 0 && states.length > 1) {
        states.pop()
        undoLast(db, sessionId, NOW_MS)
        undone++
      } else {
        const some = there[roll(Math.max(1, there.length))]
        if (what === 1 || !some) takeShot(db, shot(`s${i}`))
        else if (what === 2) addEvents(db, [{ shotSeq: some.seq, event: { kind: 'withdrawn' } }], NOW_MS)
        else
          addEvents(
            db,
            [{ shotSeq: seq(some.id), event: { kind: 'mark', mark: roll(2) ? 'thin' : null } }],
            NOW_MS,
          )
        states.push(look())
      }
      expect(look()).toBe(states.at(-1))
    }
    expect(undone).toBeGreaterThan(20)
  })
})
