import { describe, expect, it } from 'vitest'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import type { SessionId, ShotId } from '../core/model/ids'
import { bagInput, referenceStocks } from './bag-input'
import { bagOf, setSlots } from './bags'
import { changeLabel, clubLabelled, knownLabels } from './club-labels'
import { claimWaiting, receiveShot, type PostedShot } from './feed'
import { redoLast, undoAndRedo, undoLast } from './journal'
import { beginReceiving, receiverFor, receivingOf, takeOver } from './receivers'
import { endSession, openStation, setPlace, startSession, stopForPain, waitingSessions } from './sessions'
import type { Database } from './database'
import { addEvents, shotsOfSession, takeShot } from './shots'

const post = (id: string, more: Partial<PostedShot> = {}): PostedShot => ({
  id: id as ShotId,
  hitMs: null,
  monitor: null,
  clubLabel: null,
  swing: null,
  carryM: 118,
  unknownFields: [],
  posted: JSON.stringify({ id, ...more }),
  ...more,
})

describe('a shot from a monitor', () => {
  it('belongs to the open station where it names none, and is held where it names another', () => {
    const { db, clubId, sessionId } = storeWithGolfer()
    expect(receiveShot(db, post('a'), NOW_MS, 0)).toEqual({ taken: 'new', heldBecause: null })
    expect(receiveShot(db, post('b', { clubLabel: '8i', swing: 'full' }), NOW_MS, 0).heldBecause).toBeNull()
    expect(receiveShot(db, post('c', { clubLabel: '7i' }), NOW_MS, 0).heldBecause).toBe('other-station')
    expect(receiveShot(db, post('d', { swing: 'half' }), NOW_MS, 0).heldBecause).toBe('other-station')
    expect(receiveShot(db, post('e', { clubLabel: 'spoon' }), NOW_MS, 0).heldBecause).toBe('unknown-club')
    expect(receiveShot(db, post('f', { carryM: 913.5 }), NOW_MS, 0).heldBecause).toBe('implausible-carry')
    expect(receiveShot(db, post('g', { unknownFields: ['mood'] }), NOW_MS, 0).heldBecause).toBe(
      'unknown-field',
    )
    expect(shotsOfSession(db, sessionId).map(({ clubId: club }) => club)).toEqual([
      clubId('8-iron'),
      clubId('8-iron'),
      clubId('7-iron'),
      clubId('8-iron'),
      null,
      clubId('8-iron'),
      clubId('8-iron'),
    ])
  })

  it('sent again is the same shot, even after the station has changed', () => {
    const { db, clubId, sessionId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    openStation(db, sessionId, { clubId: clubId('7-iron'), swing: 'full' }, NOW_MS)
    expect(receiveShot(db, post('a'), NOW_MS + 5, 0).taken).toBe('known')
    expect(receiveShot(db, post('a', { carryM: 119 }), NOW_MS + 5, 0).taken).toBe('other-contents')
    expect(shotsOfSession(db, sessionId)).toHaveLength(1)
  })

  it('that was withdrawn stays withdrawn when the monitor sends it again', () => {
    const { db, sessionId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    const { seq } = shotsOfSession(db, sessionId)[0] ?? { seq: 0 }
    addEvents(db, [{ shotSeq: seq, event: { kind: 'withdrawn' } }], NOW_MS)
    expect(receiveShot(db, post('a'), NOW_MS + 5, 0).taken).toBe('known')
    expect(shotsOfSession(db, sessionId)).toEqual([])
  })

  it('sent again while nothing is open leaves no empty session', () => {
    const { db, sessionId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    endSession(db, sessionId, NOW_MS)
    expect(receiveShot(db, post('a'), NOW_MS + 5, 0).taken).toBe('known')
    expect(waitingSessions(db)).toEqual([])
  })

  it('dated by a clock that cannot be right is held with the reason', () => {
    const { db } = storeWithGolfer()
    for (const [id, hitMs] of [
      ['epoch', 0],
      ['tomorrow', NOW_MS + 86_400_000],
    ] as const)
      expect(receiveShot(db, post(id, { hitMs }), NOW_MS, 0)).toEqual({
        taken: 'new',
        heldBecause: 'clock-off',
      })
  })

  it('waits for its golfer while nothing is open, and is taken by its label then', () => {
    const { db, golfer, clubId, sessionId } = storeWithGolfer()
    endSession(db, sessionId, NOW_MS)
    expect(receiverFor(db, null, NOW_MS)).toBeNull()
    receiveShot(db, post('a', { clubLabel: '7-iron' }), NOW_MS, 0)
    receiveShot(db, post('b'), NOW_MS + 60_000, 0)
    const [waiting, ...more] = waitingSessions(db)
    expect(more).toEqual([])
    expect(waiting).toMatchObject({ golferId: null, place: null, shots: 2, held: 2 })
    if (!waiting) return
    claimWaiting(db, waiting.id, golfer.id, NOW_MS)
    expect(
      shotsOfSession(db, waiting.id).map(({ clubId: club, heldBecause }) => [club, heldBecause]),
    ).toEqual([
      [clubId('7-iron'), null],
      [null, 'no-station'],
    ])
    expect(waitingSessions(db)).toEqual([])
  })

  it('does not go to a session that was forgotten open half a day ago', () => {
    const { db } = storeWithGolfer()
    expect(receiverFor(db, null, NOW_MS + 11 * 3600_000)).not.toBeNull()
    expect(receiverFor(db, null, NOW_MS + 13 * 3600_000)).toBeNull()
  })
})

describe('what a monitor calls a club', () => {
  const eight = () => {
    const store = storeWithGolfer()
    for (let i = 0; i < 8; i++) receiveShot(store.db, post(`h${i}`, { clubLabel: '5H2' }), NOW_MS, 0)
    const clubs = () => shotsOfSession(store.db, store.sessionId).map(({ clubId: club }) => club)
    const held = () =>
      shotsOfSession(store.db, store.sessionId).filter(({ heldBecause }) => heldBecause).length
    return { ...store, clubs, held }
  }

  it('eight shots with an unknown club wait until it is said, and then all move', () => {
    const { db, golfer, clubId, clubs, held } = eight()
    expect(held()).toBe(8)
    expect(changeLabel(db, golfer.id, '5h2', { says: 'is', clubId: clubId('7-wood') }, NOW_MS)).toBe(8)
    expect([held(), new Set(clubs())]).toEqual([0, new Set([clubId('7-wood')])])
    // A later choice is obeyed, and the next file or feed knows.
    expect(changeLabel(db, golfer.id, '5H2', { says: 'is', clubId: clubId('5-wood') }, NOW_MS)).toBe(8)
    expect(new Set(clubs())).toEqual(new Set([clubId('5-wood')]))
    expect(clubLabelled(db, golfer.id, '5h2')).toBe(clubId('5-wood'))
    expect(knownLabels(db, golfer.id)).toEqual([
      { label: '5H2', shots: 8, held: 0, clubId: clubId('5-wood'), isAssigned: true },
    ])
  })

  it('decided later holds the next shots under it too, whatever its letters say', () => {
    const { db, golfer, sessionId, clubId } = storeWithGolfer()
    expect(clubLabelled(db, golfer.id, '5H')).toBe(clubId('5-hybrid'))
    changeLabel(db, golfer.id, '5H', { says: 'later' }, NOW_MS)
    expect(receiveShot(db, post('a', { clubLabel: '5h' }), NOW_MS, 0).heldBecause).toBe('unknown-club')
    changeLabel(db, golfer.id, '5H', { says: 'forgotten' }, NOW_MS)
    expect(clubLabelled(db, golfer.id, '5H')).toBe(clubId('5-hybrid'))
    expect(shotsOfSession(db, sessionId)[0]).toMatchObject({ clubId: clubId('5-hybrid'), heldBecause: null })
  })

  it('leaves alone a shot that the golfer put elsewhere by hand', () => {
    const { db, golfer, clubId, sessionId } = eight()
    changeLabel(db, golfer.id, '5H2', { says: 'is', clubId: clubId('7-wood') }, NOW_MS)
    const [first] = shotsOfSession(db, sessionId)
    const byHand = { kind: 'station' as const, clubId: clubId('9-iron'), swing: 'full' }
    addEvents(db, [{ shotSeq: first!.seq, event: byHand }], NOW_MS)
    expect(changeLabel(db, golfer.id, '5H2', { says: 'is', clubId: clubId('5-wood') }, NOW_MS)).toBe(7)
  })

  it('undo takes the mapping back with the shots that it moved', () => {
    const { db, golfer, clubId, sessionId, held } = eight()
    changeLabel(db, golfer.id, '5H2', { says: 'is', clubId: clubId('7-wood') }, NOW_MS)
    expect(undoAndRedo(db, sessionId).undo).toMatchObject({ kind: 'station', shots: 8 })
    undoLast(db, sessionId, NOW_MS)
    expect([held(), clubLabelled(db, golfer.id, '5H2')]).toEqual([8, null])
  })
})

describe('who receives', () => {
  const two = () => {
    const store = storeWithGolfer()
    const { db } = store
    const other = addSecondGolfer(db)
    const start = {
      golferId: other,
      startedMs: NOW_MS,
      offsetMin: 0,
      place: 'indoor' as const,
      clearMs: NOW_MS,
    }
    const second = startSession(db, start, 'session-2' as SessionId)
    openStation(db, second, { clubId: store.clubId('8-iron'), swing: 'full' }, NOW_MS + 1)
    return { ...store, second, first: store.sessionId }
  }
  const landed = (db: Database, id: string) =>
    db.prepare('SELECT session_id FROM shot WHERE id = ?').pluck().get(id)

  it('is the first to open, until another takes over in one tap; nobody takes over by itself', () => {
    const { db, first, second } = two()
    beginReceiving(db, second, NOW_MS)
    receiveShot(db, post('a'), NOW_MS, 0)
    expect(receivingOf(db, second, NOW_MS)).toEqual({
      here: [],
      elsewhere: [{ monitor: '', golfer: 'Merryn Oates' }],
      nowhere: [],
      watching: [],
    })
    takeOver(db, second, null, NOW_MS)
    receiveShot(db, post('b'), NOW_MS, 0)
    expect([landed(db, 'a'), landed(db, 'b')]).toEqual([first, second])
    expect(receivingOf(db, second, NOW_MS).here).toEqual([''])
  })

  it('is not taken from another golfer by who may only take what is free', () => {
    const { db, first, second } = two()
    expect(takeOver(db, second, null, NOW_MS, { onlyFree: true })).toBe('elsewhere')
    receiveShot(db, post('a'), NOW_MS, 0)
    expect(landed(db, 'a')).toBe(first)
    endSession(db, first, NOW_MS)
    expect(takeOver(db, second, null, NOW_MS, { onlyFree: true })).toBe('taken')
    receiveShot(db, post('b'), NOW_MS, 0)
    expect(landed(db, 'b')).toBe(second)
  })

  it('a session that ended, or stopped since something hurts, receives nothing: shots wait, and are no other golfer’s', () => {
    for (const stop of [endSession, stopForPain]) {
      const { db, first, second } = two()
      stop(db, first, NOW_MS)
      receiveShot(db, post('a'), NOW_MS, 0)
      expect([first, second]).not.toContain(landed(db, 'a'))
      expect(waitingSessions(db)).toMatchObject([{ shots: 1 }])
      expect(receivingOf(db, second, NOW_MS).nowhere).toEqual([''])
      beginReceiving(db, second, NOW_MS)
      receiveShot(db, post('b'), NOW_MS, 0)
      expect(landed(db, 'b')).toBe(second)
    }
  })

  it('is one for each monitor that has a name', () => {
    const { db, first, second } = two()
    receiveShot(db, post('a', { monitor: 'Bay 1' }), NOW_MS, 0)
    receiveShot(db, post('b', { monitor: 'Bay 2' }), NOW_MS, 0)
    takeOver(db, second, 'Bay 2', NOW_MS)
    receiveShot(db, post('c', { monitor: 'bay 2' }), NOW_MS, 0)
    receiveShot(db, post('d', { monitor: 'Bay 1' }), NOW_MS, 0)
    expect(['a', 'b', 'c', 'd'].map((id) => landed(db, id))).toEqual([first, first, second, first])
    expect(receivingOf(db, second, NOW_MS)).toEqual({
      here: ['Bay 2'],
      elsewhere: [{ monitor: 'Bay 1', golfer: 'Merryn Oates' }],
      nowhere: [],
      watching: [],
    })
    endSession(db, second, NOW_MS)
    receiveShot(db, post('e', { monitor: 'Bay 2' }), NOW_MS, 0)
    expect([first, second]).not.toContain(landed(db, 'e'))
  })
})

describe('undo', () => {
  it('takes back what is last on the screen, a monitor’s shot too, and redo brings it again', () => {
    const { db, sessionId, clubId } = storeWithGolfer()
    const typed = { sessionId, clubId: clubId('8-iron'), swing: 'full', clubLabel: null, heldBecause: null }
    takeShot(db, { ...typed, id: 'typed' as ShotId, source: 'typed', hitMs: NOW_MS, carryM: 91 })
    receiveShot(db, post('fed', { carryM: 92.2 }), NOW_MS + 1, 0)
    const ids = () => shotsOfSession(db, sessionId).map(({ id }) => id)
    const { undo } = undoAndRedo(db, sessionId)
    expect(undo).toMatchObject({ kind: 'taken', source: 'monitor', shots: 1, carryM: 92.2 })
    expect(undoLast(db, sessionId, NOW_MS, 'another')).toBe('something-newer')
    expect(undoLast(db, sessionId, NOW_MS, undo!.batch)).toBe('undone')
    expect(ids()).toEqual(['typed'])
    expect(undoAndRedo(db, sessionId)).toMatchObject({
      undo: { source: 'typed', carryM: 91 },
      redo: { source: 'monitor', carryM: 92.2 },
    })
    undoLast(db, sessionId, NOW_MS)
    expect(ids()).toEqual([])
    expect(redoLast(db, sessionId)).toBe(true)
    expect(ids()).toEqual(['typed'])
    expect(redoLast(db, sessionId)).toBe(true)
    expect(ids()).toEqual(['typed', 'fed'])
    expect(redoLast(db, sessionId)).toBe(false)
  })

  it('cannot be done again once something was done since', () => {
    const { db, sessionId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    undoLast(db, sessionId, NOW_MS)
    receiveShot(db, post('b'), NOW_MS, 0)
    expect(undoAndRedo(db, sessionId).redo).toBeNull()
    expect(redoLast(db, sessionId)).toBe(false)
  })
})

describe('what the calculations are given', () => {
  it('leaves out held shots, clubs on the rack and shots older than twelve months', () => {
    const { db, golfer, bag, clubId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    receiveShot(db, post('held', { carryM: 913.5 }), NOW_MS, 0)
    receiveShot(db, post('old', { hitMs: NOW_MS - 370 * 86_400_000 }), NOW_MS, 0)
    const shots = () => bagInput(db, golfer, bagOf(db, golfer.id)!, NOW_MS).shots.map(({ id }) => id)
    expect(shots()).toEqual(['a'])
    setSlots(
      db,
      golfer.id,
      bag.clubs.map(({ id }) => id).filter((id) => id !== clubId('8-iron')),
      NOW_MS,
    )
    expect(shots()).toEqual([])
  })

  it('leaves out shots hit on the course, and says what stands beside a stock', () => {
    const { db, golfer, bag, clubId, sessionId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    receiveShot(db, post('old', { hitMs: NOW_MS - 400 * 86_400_000 }), NOW_MS - 400 * 86_400_000, 0)
    expect(referenceStocks(db, golfer, bag, NOW_MS)).toEqual([
      {
        clubId: clubId('8-iron'),
        swing: 'full',
        onCourse: 0,
        old: { shots: 1, newestMs: NOW_MS - 400 * 86_400_000 },
      },
    ])
    setPlace(db, sessionId, 'course')
    expect(bagInput(db, golfer, bag, NOW_MS).shots).toEqual([])
    expect(referenceStocks(db, golfer, bag, NOW_MS)).toMatchObject([{ onCourse: 1, old: null }])
  })

  it('numbers the shots of each session from 0', () => {
    const { db, golfer, bag } = storeWithGolfer()
    for (const id of ['a', 'b', 'c']) receiveShot(db, post(id), NOW_MS, 0)
    expect(
      bagInput(db, golfer, bag, NOW_MS).shots.map(({ sequence, session }) => [session, sequence]),
    ).toEqual([
      [0, 0],
      [0, 1],
      [0, 2],
    ])
  })
})
