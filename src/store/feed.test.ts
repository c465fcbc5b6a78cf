import { describe, expect, it } from 'vitest'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { ShotId } from '../core/ids'
import { bagInput } from './bag-input'
import { mapLabel, setSlots } from './bags'
import { claimWaiting, receiveShot, releaseLabelled, type PostedShot } from './feed'
import { endSession, openStation, sessionInTheBay, waitingSessions } from './sessions'
import { shotsOfSession } from './shots'

const post = (id: string, more: Partial<PostedShot> = {}): PostedShot => ({
  id: id as ShotId,
  hitMs: null,
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

  it('waits for its golfer while nothing is open, and is taken by its label then', () => {
    const { db, golfer, clubId, sessionId } = storeWithGolfer()
    endSession(db, sessionId, NOW_MS)
    expect(sessionInTheBay(db, NOW_MS)).toBeNull()
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
    expect(sessionInTheBay(db, NOW_MS + 11 * 3600_000)).not.toBeNull()
    expect(sessionInTheBay(db, NOW_MS + 13 * 3600_000)).toBeNull()
  })
})

it('eight shots with an unknown club wait until it is mapped, and then all move', () => {
  const { db, golfer, clubId, sessionId } = storeWithGolfer()
  for (let i = 0; i < 8; i++) receiveShot(db, post(`h${i}`, { clubLabel: '5H2' }), NOW_MS, 0)
  expect(shotsOfSession(db, sessionId).every(({ heldBecause }) => heldBecause === 'unknown-club')).toBe(true)
  mapLabel(db, golfer.id, '5H2', clubId('7-wood'))
  releaseLabelled(db, golfer.id, NOW_MS)
  const shots = shotsOfSession(db, sessionId)
  expect(shots).toHaveLength(8)
  expect(shots.every((shot) => shot.heldBecause === null && shot.clubId === clubId('7-wood'))).toBe(true)
})

describe('what the calculations are given', () => {
  it('leaves out held shots, clubs on the rack and shots older than twelve months', () => {
    const { db, golfer, bag, clubId } = storeWithGolfer()
    receiveShot(db, post('a'), NOW_MS, 0)
    receiveShot(db, post('held', { carryM: 913.5 }), NOW_MS, 0)
    receiveShot(db, post('old', { hitMs: NOW_MS - 370 * 86_400_000 }), NOW_MS, 0)
    const shots = () => bagInput(db, golfer, bag, NOW_MS).shots.map(({ id }) => id)
    expect(shots()).toEqual(['a'])
    setSlots(
      db,
      golfer.id,
      bag.clubs.map(({ id }) => id).filter((id) => id !== clubId('8-iron')),
    )
    expect(shots()).toEqual([])
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
