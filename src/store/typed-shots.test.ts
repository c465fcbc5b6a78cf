import { describe, expect, it } from 'vitest'
import type { ShotId } from '@/core/model/ids'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { redoLast, undoAndRedo, undoLast } from './journal'
import { cameRangeNotClear, sayClear } from './range-clear'
import { shotsOfSession } from './shots'
import type { TypedPost } from '@/core/shots/typed-post'
import { takeTyped } from './typed-shots'

function bay() {
  const { db, sessionId, clubId } = storeWithGolfer()
  const typed = (id: string, more: Partial<TypedPost> = {}): TypedPost => ({
    id: id as ShotId,
    clubId: clubId('8-iron'),
    swing: 'full',
    carryM: 120,
    hitMs: NOW_MS,
    ...more,
  })
  const take = (...shots: TypedPost[]) => takeTyped(db, sessionId, { shots }, NOW_MS)
  const ids = () => shotsOfSession(db, sessionId).map(({ id }) => id)
  return { db, sessionId, typed, take, ids }
}

describe('typed shots', () => {
  it('stand in the order in which they were typed, whatever comes first', () => {
    const { typed, take, ids } = bay()
    const [first, second] = [typed('a'), typed('b', { after: 'a' as ShotId })]
    expect(take(second)).toBe('early')
    expect(ids()).toEqual([])
    expect(take(first)).toBe('taken')
    expect(take(second)).toBe('taken')
    expect(take(first, second)).toBe('taken')
    expect(ids()).toEqual(['a', 'b'])
  })

  it('that were typed together follow one another', () => {
    const { typed, take, ids } = bay()
    expect(take(typed('a'), typed('b', { after: 'a' as ShotId }))).toBe('taken')
    expect(ids()).toEqual(['a', 'b'])
  })

  it('come with their marks, all or nothing', () => {
    const { db, sessionId, typed, take, ids } = bay()
    expect(take(typed('a', { mark: 'fat' }))).toBe('taken')
    expect(shotsOfSession(db, sessionId)[0]?.mark).toBe('fat')
    expect(take(typed('b'), typed('a', { carryM: 80 }))).toBe('other-contents')
    expect(ids()).toEqual(['a'])
  })

  it('that are refused leave nothing behind: not even the word that the range is clear', () => {
    const { db, sessionId, typed, take } = bay()
    take(typed('a'))
    const rows = () =>
      ['shot', 'shot_event', 'session_event', 'session'].map((table) =>
        JSON.stringify(db.prepare(`SELECT * FROM ${table}`).all()),
      )
    const before = rows()
    const later = NOW_MS + 600_000
    const refused = [typed('b', { hitMs: later }), typed('a', { carryM: 80 })]
    expect(takeTyped(db, sessionId, { shots: refused, clearMs: later }, later)).toBe('other-contents')
    expect(rows()).toEqual(before)
  })
})

describe('a shot that corrects another', () => {
  it('takes its place in one act: undo brings the first back, and a second correction counts once', () => {
    const { db, sessionId, typed, take } = bay()
    const carries = () =>
      shotsOfSession(db, sessionId).map(({ carryM, heldBecause }) => [carryM, heldBecause])
    take(typed('slip', { carryM: 265.9, heldBecause: 'implausible-carry' }))
    const meant = typed('meant', { carryM: 201.9, replaces: 'slip' as ShotId })
    take(meant)
    expect(carries()).toEqual([[201.9, null]])
    expect(undoAndRedo(db, sessionId).undo).toMatchObject({ kind: 'corrected', fromM: 265.9, carryM: 201.9 })
    undoLast(db, sessionId, NOW_MS)
    expect(carries()).toEqual([[265.9, 'implausible-carry']])
    // Sent again it changes nothing: it was undone.
    take(meant)
    expect(carries()).toEqual([[265.9, 'implausible-carry']])
    take(typed('again', { carryM: 201.9, replaces: 'slip' as ShotId }))
    expect(carries()).toEqual([[201.9, null]])
    undoLast(db, sessionId, NOW_MS)
    redoLast(db, sessionId)
    expect(carries()).toEqual([[201.9, null]])
  })
})

describe('a word that the range is clear', () => {
  it('of tomorrow counts from now on, and no longer', () => {
    const { db, sessionId } = bay()
    const day = 86_400_000
    sayClear(db, sessionId, NOW_MS + day, NOW_MS)
    expect(cameRangeNotClear(db, sessionId, NOW_MS + 60_000, NOW_MS + 60_000)).toBe(false)
    expect(cameRangeNotClear(db, sessionId, NOW_MS + 600_000, NOW_MS + 600_000)).toBe(true)
  })

  it('is not given by a ball that another clock dates tomorrow', () => {
    const { db, sessionId, typed } = bay()
    takeTyped(db, sessionId, { shots: [typed('a', { hitMs: NOW_MS + 86_400_000 })] }, NOW_MS)
    expect(cameRangeNotClear(db, sessionId, NOW_MS + 600_000, NOW_MS + 600_000)).toBe(true)
  })
})
