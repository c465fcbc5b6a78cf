import { DAY_MS } from '@/core/units'
import { describe, expect, it } from 'vitest'
import { importShots } from '../../tests/import-shots'
import type { SessionId, ShotId } from '@/core/model/ids'
import { NOW_MS, storeWithGolfer } from '../../tests/store'
import { historyOf, lastUsedPlace, newestSessionMs, sessionsOf, startSession } from './sessions'
import { importsOf, withdrawImport } from './shot-files'
import { addEvents, shotById, takeShot } from './shots'

function withSessions(days: number) {
  const store = storeWithGolfer()
  const { db, golfer, clubId } = store
  for (let day = 1; day <= days; day++) {
    const startedMs = NOW_MS - day * DAY_MS
    const id = `day-${day}` as SessionId
    // Clocks were changed and a journey went west on the way: only the moment counts.
    const offsetMin = day % 2 === 0 ? 120 : -300
    startSession(db, { golferId: golfer.id, startedMs, offsetMin, place: null, clearMs: startedMs }, id)
    takeShot(db, {
      id: `shot-${day}` as ShotId,
      sessionId: id,
      source: 'monitor',
      hitMs: startedMs,
      clubLabel: null,
      clubId: clubId('8-iron'),
      swing: 'full',
      carryM: 120,
      heldBecause: null,
    })
  }
  return store
}

describe('the sessions of a golfer', () => {
  it('come in pages, the newest first by the moment, whatever the clocks said', () => {
    const { db, golfer, sessionId } = withSessions(7)
    const ids = (page: object) => sessionsOf(db, golfer.id, page).map(({ id }) => id)
    expect(ids({ most: 3 })).toEqual([sessionId, 'day-1', 'day-2'])
    expect(ids({ most: 3, after: 6 })).toEqual(['day-6', 'day-7'])
    expect(ids({ sinceMs: NOW_MS - 2.5 * DAY_MS })).toEqual([sessionId, 'day-1', 'day-2'])
    expect(ids({})).toHaveLength(8)
    expect(newestSessionMs(db, golfer.id)).toBe(NOW_MS)
    expect(lastUsedPlace(db, golfer.id)).toBe('indoor')
  })

  it('are counted with the shots that are there', () => {
    const { db, golfer } = withSessions(4)
    expect(historyOf(db, golfer.id)).toEqual({ sessions: 5, shots: 4 })
    const seq = shotById(db, 'shot-2' as ShotId)?.seq ?? 0
    addEvents(db, [{ shotSeq: seq, event: { kind: 'withdrawn' } }], NOW_MS)
    expect(historyOf(db, golfer.id)).toEqual({ sessions: 5, shots: 3 })
  })

  it('of a file that was withdrawn are no visits', () => {
    const { db, golfer } = withSessions(1)
    expect(importsOf(db, golfer.id)).toEqual([])
    const shots = [{ club: '8-iron', carryM: 118, visit: 'x' }]
    const { importId } = importShots(db, golfer.id, { name: 'x.csv', shots }, { nowMs: NOW_MS, offsetMin: 0 })
    expect(historyOf(db, golfer.id)).toEqual({ sessions: 3, shots: 2 })
    withdrawImport(db, golfer.id, importId, NOW_MS)
    expect(historyOf(db, golfer.id)).toEqual({ sessions: 2, shots: 1 })
    expect(sessionsOf(db, golfer.id)).toHaveLength(2)
  })
})
