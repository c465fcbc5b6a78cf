import { describe, expect, it } from 'vitest'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import { yards } from '@/core/units'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { startBag } from './bags'
import { addGolfer } from './golfers'
import { undoAndRedo, undoLast } from './journal'
import { moveToGolfer } from './move-to-golfer'
import { saySession } from './session-events'
import { sessionById, startSession } from './sessions'
import { addEvents, shotsOfSession, takeShot, type StoredShot } from './shots'

const IDA = 'ida' as GolferId

/** Nine shots of one golfer, of whom the last six are Ida's; she has a 7-iron and no 8-iron. */
function sixOfIdas() {
  const store = storeWithGolfer()
  const { db, sessionId, clubId } = store
  addGolfer(
    db,
    IDA,
    { name: 'Ida', hand: 'left', lengthUnit: 'yd', speedUnit: 'mph', goalZoneM: null },
    NOW_MS,
  )
  startBag(db, IDA, { name: 'Bag', clubs: [{ name: '7-iron', kind: 'iron', loftDeg: 32 }] }, NOW_MS)
  for (let i = 0; i < 9; i++)
    takeShot(db, {
      id: `s${i}` as ShotId,
      sessionId,
      source: 'monitor',
      hitMs: NOW_MS + i * 20_000,
      clubLabel: i === 8 ? '8-iron' : null,
      clubId: clubId(i === 8 ? '8-iron' : '7-iron'),
      swing: 'full',
      heldBecause: null,
      carryM: yards(150 - i),
      ballSpeedMps: 50 + i,
    })
  const ids = Array.from({ length: 6 }, (_, i) => `s${i + 3}` as ShotId)
  const numbers = (session: SessionId) =>
    shotsOfSession(db, session).map(({ carryM, ballSpeedMps, mark }: StoredShot) => [
      carryM,
      ballSpeedMps,
      mark,
    ])
  const move = () => moveToGolfer(db, sessionById(db, sessionId) as never, ids, IDA, NOW_MS + 300_000)
  return { ...store, ids, numbers, move }
}

describe('shots that went to the wrong golfer', () => {
  it('are moved with all their numbers and marks, and undone in either session', () => {
    const { db, golfer, sessionId, ids, numbers, move } = sixOfIdas()
    const seq = shotsOfSession(db, sessionId).find(({ id }) => id === ids[1])!.seq
    addEvents(db, [{ shotSeq: seq, event: { kind: 'mark', mark: 'fat' } }], NOW_MS)
    const before = numbers(sessionId)
    const into = move()
    expect(numbers(sessionId)).toEqual(before.slice(0, 3))
    expect(numbers(into)).toEqual(before.slice(3))
    // What she has no club for waits until she says which it was.
    expect(shotsOfSession(db, into).map(({ heldBecause }) => heldBecause)).toEqual([
      ...Array<null>(5).fill(null),
      'unknown-club',
    ])
    expect(sessionById(db, into)).toMatchObject({ golferId: IDA, endedMs: NOW_MS + 160_000 })
    for (const session of [sessionId, into])
      expect(undoAndRedo(db, session).undo).toMatchObject({
        kind: 'to-golfer',
        shots: 6,
        from: golfer.name,
        to: 'Ida',
      })
    undoLast(db, into, NOW_MS + 400_000)
    expect(numbers(into)).toEqual([])
    expect(numbers(sessionId)).toEqual(before)
  })

  it('go into the session that is hit in, but not into a warm-up', () => {
    const { db, move } = sixOfIdas()
    const hers = startSession(db, { golferId: IDA, startedMs: NOW_MS, offsetMin: 0, place: 'range' })
    expect(move()).toBe(hers)
    undoLast(db, hers, NOW_MS)
    saySession(db, hers, { kind: 'warm-up', on: true }, NOW_MS)
    expect(move()).not.toBe(hers)
  })
})
