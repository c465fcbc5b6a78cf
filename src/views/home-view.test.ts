import { describe, expect, it } from 'vitest'
import type { SessionId } from '@/core/model/ids'
import { openDatabase } from '@/store/database'
import { endSession, startSession, stopForPain } from '@/store/sessions'
import { addSecondGolfer, NOW_MS, storeWithGolfer } from '../../tests/store'
import { homeView } from './home-view'

const HOUR_MS = 3_600_000
const hit = (db: ReturnType<typeof openDatabase>, golferId: string, startedMs: number) =>
  startSession(
    db,
    { golferId: golferId as never, startedMs, offsetMin: 0, place: 'range', clearMs: startedMs },
    `${golferId} ${startedMs}` as SessionId,
  )

describe('who opens Banco', () => {
  it('for the first time is nobody yet', () => {
    expect(homeView(openDatabase(':memory:'), undefined, NOW_MS)).toBeNull()
  })

  it('in the middle of a session goes on with it, whoever was looked at last', () => {
    const { db, golfer } = storeWithGolfer()
    const other = addSecondGolfer(db)
    expect(homeView(db, other, NOW_MS + HOUR_MS)).toMatchObject({ golfer: { id: golfer.id }, to: 'bay' })
  })

  it('while two golfers hit goes on with the one who was looked at', () => {
    const { db, golfer } = storeWithGolfer()
    const other = addSecondGolfer(db)
    hit(db, other, NOW_MS + 1000)
    for (const used of [golfer.id, other])
      expect(homeView(db, used, NOW_MS + HOUR_MS)).toMatchObject({ golfer: { id: used }, to: 'bay' })
    expect(homeView(db, undefined, NOW_MS + HOUR_MS)?.golfer.id).toBe(other)
  })

  it('after a session sees what the shots say, of whoever hit last', () => {
    const { db, golfer, sessionId } = storeWithGolfer()
    const other = addSecondGolfer(db)
    endSession(db, sessionId, NOW_MS + 1000)
    expect(homeView(db, undefined, NOW_MS + HOUR_MS)).toMatchObject({ golfer: { id: golfer.id }, to: 'gaps' })
    endSession(db, hit(db, other, NOW_MS + 2000), NOW_MS + 3000)
    expect(homeView(db, undefined, NOW_MS + HOUR_MS)).toMatchObject({ golfer: { id: other }, to: 'gaps' })
  })

  it('where something hurt is pushed on to no session', () => {
    const { db, sessionId } = storeWithGolfer()
    stopForPain(db, sessionId, NOW_MS + 1000)
    expect(homeView(db, undefined, NOW_MS + HOUR_MS)?.to).toBe('gaps')
  })

  it('without a bag begins with one, and with a bag but no shot begins to hit', () => {
    const db = openDatabase(':memory:')
    const golfer = addSecondGolfer(db)
    expect(homeView(db, undefined, NOW_MS)).toMatchObject({ golfer: { id: golfer }, to: 'bag' })
  })
})
