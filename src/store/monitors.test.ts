import { describe, expect, it } from 'vitest'
import { importShots } from '../../tests/import-shots'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import type { ShotId } from '../core/model/ids'
import { pairReadings } from '../core/monitors/pair-readings'
import { bagInput, referenceStocks } from './bag-input'
import { receiveShot, type PostedShot } from './feed'
import { importsOf, withdrawImport } from './shot-files'
import { undoAndRedo, undoLast } from './journal'
import {
  monitorsInSessions,
  movedPairs,
  movePairs,
  readingsOf,
  setWatching,
  takeReadings,
  watching,
} from './monitors'
import { receivingOf } from './receivers'
import { historyOf, sessionsOf } from './sessions'
import { shotsOfSession } from './shots'

const post = (monitor: string, n: number, more: Partial<PostedShot> = {}): PostedShot => ({
  id: `${monitor}${n}` as ShotId,
  hitMs: NOW_MS + n * 30_000 + (monitor === 'B' ? 400 : 0),
  monitor,
  clubLabel: null,
  swing: null,
  carryM: 110 + n,
  unknownFields: [],
  posted: JSON.stringify({ id: `${monitor}${n}`, monitor }),
  ...more,
})

/** A session that A receives and B watches: five balls each, of which B lost the third. */
function comparisonOnly() {
  const store = storeWithGolfer()
  const { db, sessionId } = store
  setWatching(db, sessionId, { monitor: 'B', on: true }, NOW_MS)
  for (let n = 1; n <= 5; n++) {
    receiveShot(db, post('A', n), NOW_MS + n * 30_000, 0)
    if (n !== 3) receiveShot(db, post('B', n, { carryM: 112 + n }), NOW_MS + n * 30_000, 0)
  }
  return { ...store, nowMs: NOW_MS + 200_000 }
}

describe('a second monitor', () => {
  it('that sends what may be the same ball is held until the golfer says; one that sends another ball is not', () => {
    const { db, sessionId } = storeWithGolfer()
    expect(receiveShot(db, post('A', 1), NOW_MS, 0).heldBecause).toBeNull()
    expect(receiveShot(db, post('B', 1), NOW_MS, 0).heldBecause).toBe('second-monitor')
    // One that waits makes the first one no second.
    expect(receiveShot(db, post('A', 2), NOW_MS, 0).heldBecause).toBeNull()
    // Ninety seconds on only the other one is at work.
    expect(receiveShot(db, post('B', 4), NOW_MS, 0).heldBecause).toBeNull()
    // The same monitor hits as fast as it likes, and one without a name is asked nothing.
    expect(receiveShot(db, post('A', 8), NOW_MS, 0).heldBecause).toBeNull()
    expect(
      receiveShot(db, post('A', 9, { hitMs: NOW_MS + 8 * 30_000 + 900 }), NOW_MS, 0).heldBecause,
    ).toBeNull()
    expect(receiveShot(db, post('C', 8, { monitor: null }), NOW_MS, 0).heldBecause).toBeNull()
    // Once the golfer has said that it sees balls of its own, nothing is asked again.
    setWatching(db, sessionId, { monitor: 'B', on: false }, NOW_MS)
    expect(receiveShot(db, post('B', 8), NOW_MS, 0).heldBecause).toBeNull()
  })

  it('that only watches adds no shot anywhere: not to stocks, counts, the session, nor what undo takes back', () => {
    const { db, golfer, bag, sessionId, nowMs } = comparisonOnly()
    expect(shotsOfSession(db, sessionId).map(({ id }) => id)).toEqual(['A1', 'A2', 'A3', 'A4', 'A5'])
    expect(bagInput(db, golfer, bag, nowMs).shots).toHaveLength(5)
    expect(referenceStocks(db, golfer, bag, nowMs)).toEqual([])
    expect(sessionsOf(db, golfer.id)).toMatchObject([{ shots: 5, held: 0 }])
    expect(historyOf(db, golfer.id).shots).toBe(5)
    expect(receivingOf(db, sessionId, nowMs)).toMatchObject({ watching: ['B'] })
    undoLast(db, sessionId, nowMs)
    expect(shotsOfSession(db, sessionId)).toHaveLength(4)
    undoLast(db, sessionId, nowMs)
    expect(shotsOfSession(db, sessionId)).toHaveLength(3)
    expect(undoAndRedo(db, sessionId).undo).toMatchObject({ source: 'monitor' })
    expect(readingsOf(db, [sessionId], 'B')).toHaveLength(4)
  })

  it('is paired with the other by time, whichever of the two counts', () => {
    const { db, golfer, sessionId } = comparisonOnly()
    const pairing = () =>
      pairReadings(
        readingsOf(db, [sessionId], 'A'),
        readingsOf(db, [sessionId], 'B'),
        movedPairs(db, golfer.id),
      )
    expect(pairing().pairs.map(({ first, second }) => `${first.id}${second.id}`)).toEqual([
      'A1B1',
      'A2B2',
      'A4B4',
      'A5B5',
    ])
    setWatching(db, sessionId, { monitor: 'B', on: false }, NOW_MS)
    setWatching(db, sessionId, { monitor: 'A', on: true }, NOW_MS)
    expect(shotsOfSession(db, sessionId).map(({ id }) => id)).toEqual(['B1', 'B2', 'B4', 'B5'])
    expect(pairing().pairs).toHaveLength(4)
    movePairs(db, golfer.id, { moved: [{ shotId: 'B4' as ShotId, withId: 'A3' as ShotId }] }, NOW_MS)
    expect(pairing().left.first.map(({ id }) => id)).toEqual(['A4'])
    movePairs(db, golfer.id, { moved: [], found: ['B4' as ShotId] }, NOW_MS)
    expect(pairing().left.first.map(({ id }) => id)).toEqual(['A3'])
  })

  it('whose screen was read off stands with the shots it was read for, and takes none of a monitor that counts', () => {
    const { db, golfer, sessionId } = comparisonOnly()
    const typed = (monitor: string, shot: string) => ({
      monitor,
      readings: [{ id: `typed-${monitor}-${shot}` as ShotId, shotId: shot as ShotId, carryM: 108.5 }],
    })
    expect(takeReadings(db, sessionId, typed('A', 'A1'), NOW_MS)).toBe('counts')
    expect(takeReadings(db, sessionId, typed('C', 'B1'), NOW_MS)).toBe('no-shot')
    expect(takeReadings(db, sessionId, typed('C', 'A2'), NOW_MS)).toBe('taken')
    // Sent again it is the same reading.
    expect(takeReadings(db, sessionId, typed('C', 'A2'), NOW_MS)).toBe('taken')
    // One that is refused does not make its monitor one that is only compared.
    const known = {
      ...typed('E', 'A3'),
      readings: [{ id: 'A1' as ShotId, shotId: 'A3' as ShotId, carryM: 90 }],
    }
    expect(takeReadings(db, sessionId, known, NOW_MS)).toBe('other-contents')
    expect(watching(db, sessionId, 'E')).toBeNull()
    const { pairs } = pairReadings(readingsOf(db, [sessionId], 'A'), readingsOf(db, [sessionId], 'C'))
    expect(pairs.map(({ first, second }) => [first.id, second.carryM])).toEqual([['A2', 108.5]])
    expect(historyOf(db, golfer.id).shots).toBe(5)
  })

  it('whose file comes beside is compared only, and the same file twice takes nothing twice', () => {
    const { db, golfer, sessionId } = comparisonOnly()
    const file = {
      name: 'other.csv',
      monitor: 'D',
      watches: true,
      shots: [1, 2, 3, 4, 5].map((n) => ({
        club: '8-iron',
        carryM: 109 + n,
        hitMs: NOW_MS + 3_600_000 + n * 30_000 + n * n * 500,
      })),
    }
    const at = { nowMs: NOW_MS, offsetMin: 0 }
    expect(importShots(db, golfer.id, file, at)).toMatchObject({ taken: 5, known: 0 })
    expect(importShots(db, golfer.id, file, at)).toMatchObject({ taken: 0, known: 5 })
    expect(historyOf(db, golfer.id).shots).toBe(5)
    expect(importsOf(db, golfer.id)).toMatchObject([{ name: 'other.csv', shots: 5 }])
    const { sessionId: own } = monitorsInSessions(db, golfer.id).find(({ monitor }) => monitor === 'D')!
    expect(own).not.toBe(sessionId)
    expect(readingsOf(db, [own], 'D')).toHaveLength(5)
    const [brought] = importsOf(db, golfer.id)
    expect(withdrawImport(db, golfer.id, brought!.id, NOW_MS)).toBe(5)
    expect(readingsOf(db, [own], 'D')).toEqual([])
    expect(importsOf(db, golfer.id)).toEqual([])
  })
})
