import { describe, expect, it } from 'vitest'
import type { SessionId, ShotId } from '@/core/model/ids'
import { EMPTY_SET_UP } from '@/core/session/set-up'
import { yards } from '@/core/units'
import { keepPlan } from '@/store/plans'
import { saySession } from '@/store/session-events'
import { endSession, FORGOTTEN_AFTER_MS, sessionById, startSession } from '@/store/sessions'
import { keepSetUp } from '@/store/set-ups'
import { takeShot } from '@/store/shots'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import { bayStartView, bayView, sessionForBay } from './bay-view'

function bay() {
  const store = storeWithGolfer()
  const { db, golfer, sessionId, clubId } = store
  const session = () => {
    const found = sessionById(db, sessionId)
    if (!found) throw new Error('the session is there')
    return found
  }
  let hit = 0
  const hits = (club: string, count: number) => {
    for (let i = 0; i < count; i++)
      takeShot(db, {
        id: `shot-${++hit}` as ShotId,
        sessionId,
        source: 'typed',
        hitMs: NOW_MS + hit * 30_000,
        clubLabel: null,
        clubId: clubId(club),
        swing: 'full',
        carryM: yards(130 + i),
        heldBecause: null,
      })
  }
  const plan = (...blocks: [string, number][]) =>
    keepPlan(db, sessionId, {
      blocks: blocks.map(([club, shots]) => ({ clubId: clubId(club), swing: 'full', shots, day: 1 })),
      untilSettled: false,
      restEvery: 16,
      restS: 85,
    })
  const start = () => bayStartView(db, golfer, NOW_MS + 3600_000)
  return { ...store, session, hits, plan, start }
}

describe('the Bay of a session', () => {
  it('has its shots in order, what they were hit in, and what undo would take back', () => {
    const { db, golfer, session, sessionId, hits } = bay()
    hits('8-iron', 2)
    saySession(db, sessionId, { kind: 'air', wind: 'into', tempC: null, surface: null }, NOW_MS)
    hits('8-iron', 1)
    const view = bayView(db, golfer, session(), NOW_MS)
    expect(view?.shots.map(({ conditions }) => conditions.wind)).toEqual([null, null, 'into'])
    expect(view?.now.wind).toBe('into')
    expect(view?.undo).not.toBeNull()
    expect(view?.redo).toBeNull()
    expect(view?.history).toHaveLength(3)
  })

  it('opens the session that is asked for where it is the golfer’s own, else the one under way', () => {
    const { db, golfer, sessionId } = bay()
    const other = addSecondGolfer(db)
    const theirs = startSession(
      db,
      { golferId: other, startedMs: NOW_MS, offsetMin: 0, place: 'range', clearMs: NOW_MS },
      'session-2' as SessionId,
    )
    expect(sessionForBay(db, golfer, theirs, NOW_MS)?.id).toBe(sessionId)
    endSession(db, sessionId, NOW_MS + 1000)
    expect(sessionForBay(db, golfer, undefined, NOW_MS + 2000)).toBeNull()
    expect(sessionForBay(db, golfer, sessionId, NOW_MS + 2000)?.id).toBe(sessionId)
  })

  it('opens none that was left open until another day', () => {
    const { db, golfer } = bay()
    expect(sessionForBay(db, golfer, undefined, NOW_MS + FORGOTTEN_AFTER_MS + 1)).toBeNull()
  })
})

describe('before a session', () => {
  it('offers what is left of the last plan, without the shots of a warm-up', () => {
    const { db, sessionId, plan, hits, start, clubId } = bay()
    plan(['8-iron', 3], ['9-iron', 2])
    saySession(db, sessionId, { kind: 'warm-up', on: true }, NOW_MS)
    hits('8-iron', 2)
    saySession(db, sessionId, { kind: 'warm-up', on: false }, NOW_MS)
    hits('8-iron', 1)
    expect(start()?.unfinished?.blocks).toEqual([
      { clubId: clubId('8-iron'), swing: 'full', shots: 2 },
      { clubId: clubId('9-iron'), swing: 'full', shots: 2 },
    ])
  })

  it('offers nothing of a plan that was hit', () => {
    const { plan, hits, start } = bay()
    plan(['8-iron', 2])
    hits('8-iron', 2)
    expect(start()?.unfinished).toBeNull()
  })

  it('starts from the set-up and the place of the last session', () => {
    const { db, golfer, sessionId, start } = bay()
    expect(start()?.lastSetUp).toBeNull()
    keepSetUp(db, golfer.id, sessionId, { ...EMPTY_SET_UP, surface: 'mat', ball: 'range ball' })
    expect(start()).toMatchObject({
      lastSetUp: { surface: 'mat', ball: 'range ball' },
      lastUsedPlace: 'indoor',
    })
  })
})
