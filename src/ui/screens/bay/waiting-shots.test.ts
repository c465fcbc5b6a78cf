import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { ClubId, SessionId, ShotId } from '@/core/ids'
import { keepWaiting, sendWaiting, sendWaitingOf, waitingShots, type TypedShotPost } from './waiting-shots'

const SESSION = 'session-1' as SessionId
const shot = (id: string): TypedShotPost => ({
  id: id as ShotId,
  clubId: '8-iron' as ClubId,
  swing: 'full',
  carryM: 120,
  hitMs: 1,
})

/** A browser's store, as far as this needs one. */
class FakeStorage {
  [key: string]: unknown
  getItem = (key: string) => (key in this ? (this[key] as string) : null)
  setItem = (key: string, value: string) => void (this[key] = value)
  removeItem = (key: string) => void delete this[key]
}
const answered = (status: number) => Promise.resolve(Response.json({}, { status }))

beforeEach(() => vi.stubGlobal('localStorage', new FakeStorage()))
afterEach(() => vi.unstubAllGlobals())

describe('typed shots that wait in the browser', () => {
  it('are kept in order, each once', () => {
    keepWaiting(SESSION, shot('a'))
    keepWaiting(SESSION, shot('b'))
    keepWaiting(SESSION, shot('b'))
    expect(waitingShots(SESSION).map(({ id }) => id)).toEqual(['a', 'b'])
  })

  it('are sent in order once somebody answers, and then wait no more', async () => {
    keepWaiting(SESSION, shot('a'))
    keepWaiting(SESSION, { ...shot('b'), clearMs: 7 })
    const sent: string[] = []
    vi.stubGlobal('fetch', (url: string, { body }: { body: string }) => {
      const { shots, clearMs } = JSON.parse(body) as { shots: { id: string }[]; clearMs?: number }
      sent.push(`${url} ${shots.map(({ id }) => id).join(' ')} ${clearMs ?? ''}`.trim())
      return answered(200)
    })
    expect(await sendWaiting()).toBe(2)
    expect(sent).toEqual(['/api/sessions/session-1/shots a', '/api/sessions/session-1/shots b 7'])
    expect(waitingShots(SESSION)).toEqual([])
  })

  it('are sent before a newer one, and hold it back while nobody answers: none overtakes another', async () => {
    for (const id of ['a', 'b', 'c']) keepWaiting(SESSION, shot(id))
    const sent: string[] = []
    let reached = false
    vi.stubGlobal('fetch', (_url: string, { body }: { body: string }) => {
      if (!reached) return Promise.reject(new Error('gone'))
      sent.push(...(JSON.parse(body) as { shots: { id: string }[] }).shots.map(({ id }) => id))
      return answered(200)
    })
    expect(await sendWaitingOf(SESSION, 'c' as ShotId)).toEqual({ taken: 0, reached: false })
    reached = true
    expect(await sendWaitingOf(SESSION, 'c' as ShotId)).toEqual({ taken: 2, reached: true })
    expect(sent).toEqual(['a', 'b'])
    expect(waitingShots(SESSION).map(({ id }) => id)).toEqual(['c'])
  })

  it('wait on while nobody answers: none is lost', async () => {
    keepWaiting(SESSION, shot('a'))
    keepWaiting(SESSION, shot('b'))
    let tries = 0
    vi.stubGlobal('fetch', () => (tries++ === 0 ? answered(200) : Promise.reject(new Error('gone'))))
    expect(await sendWaiting()).toBe(1)
    expect(waitingShots(SESSION).map(({ id }) => id)).toEqual(['b'])
  })

  it('that are refused are kept, and hold up no other', async () => {
    keepWaiting(SESSION, shot('a'))
    keepWaiting('session-2' as SessionId, shot('b'))
    vi.stubGlobal('fetch', (url: string) => answered(url.includes('session-1') ? 409 : 200))
    expect(await sendWaiting()).toBe(1)
    expect(waitingShots(SESSION)).toHaveLength(1)
    expect(waitingShots('session-2' as SessionId)).toEqual([])
  })

  it('a browser without a store waits for nothing', () => {
    vi.stubGlobal('localStorage', undefined)
    expect(waitingShots(SESSION)).toEqual([])
  })
})
