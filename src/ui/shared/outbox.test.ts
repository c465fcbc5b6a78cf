import { beforeEach, describe, expect, it } from 'vitest'
import type { ClubId, SessionId, ShotId } from '@/core/ids'
import { createOutbox, type TypedShotPost } from './outbox'
import { unreachable, type Sent } from './send'

const SESSION = 'session-1' as SessionId
const OTHER = 'session-2' as SessionId
const shot = (id: string): TypedShotPost => ({
  id: id as ShotId,
  clubId: '8-iron' as ClubId,
  swing: 'full',
  carryM: 120,
  hitMs: 1,
})

/** A browser's store, as far as this needs one. */
function fakeStorage() {
  const kept = new Map<string, string>()
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    key: (at: number) => [...kept.keys()][at] ?? null,
    get length() {
      return kept.size
    },
  }
}

type Posted = { url: string; ids: string[]; clearMs?: number }
let posted: Posted[]
let banco: (post: Posted) => Sent<unknown>
let outbox: ReturnType<typeof createOutbox>
const taken: Sent<unknown> = { ok: true, value: {} }
const refused: Sent<unknown> = { ok: false, problems: [{ field: '', sentence: 'No such club.' }] }
const idsOf = (session: SessionId) => outbox.waiting(session).map(({ id }) => id)

beforeEach(() => {
  posted = []
  banco = () => taken
  const store = fakeStorage()
  outbox = createOutbox(
    () => store,
    (_method, url, body) => {
      const { shots, ...more } = body as { shots: { id: string }[]; clearMs?: number }
      const post = { url, ids: shots.map(({ id }) => id), ...more }
      posted.push(post)
      return Promise.resolve(banco(post) as Sent<never>)
    },
  )
})

describe('typed shots that wait in the browser', () => {
  it('are kept in order, each once, as they were said last', () => {
    outbox.keep(SESSION, shot('a'))
    outbox.keep(SESSION, shot('b'))
    outbox.keep(SESSION, { ...shot('a'), mark: 'fat' })
    expect(outbox.waiting(SESSION)).toEqual([{ ...shot('a'), mark: 'fat' }, shot('b')])
  })

  it('are sent in order once somebody answers, and then wait no more', async () => {
    outbox.keep(SESSION, shot('a'))
    outbox.keep(SESSION, { ...shot('b'), clearMs: 7 })
    expect(await outbox.sendAll()).toBe(2)
    const url = '/api/sessions/session-1/shots'
    expect(posted).toEqual([
      { url, ids: ['a'] },
      { url, ids: ['b'], clearMs: 7 },
    ])
    expect(idsOf(SESSION)).toEqual([])
  })

  it('are sent before a newer one, and hold it back while nobody answers: none overtakes another', async () => {
    for (const id of ['a', 'b', 'c']) outbox.keep(SESSION, shot(id))
    banco = unreachable
    expect(await outbox.sendOf(SESSION, 'c' as ShotId)).toEqual({ taken: 0, reached: false })
    banco = () => taken
    expect(await outbox.sendOf(SESSION, 'c' as ShotId)).toEqual({ taken: 2, reached: true })
    expect(posted.map(({ ids }) => ids[0])).toEqual(['a', 'a', 'b'])
    expect(idsOf(SESSION)).toEqual(['c'])
  })

  it('wait on while nobody answers: none is lost', async () => {
    outbox.keep(SESSION, shot('a'))
    outbox.keep(SESSION, shot('b'))
    outbox.keep(OTHER, shot('c'))
    banco = ({ ids }) => (ids[0] === 'a' ? taken : unreachable())
    expect(await outbox.sendAll()).toBe(1)
    expect([idsOf(SESSION), idsOf(OTHER)]).toEqual([['b'], ['c']])
  })

  it('that are refused are kept, and hold up no other', async () => {
    outbox.keep(SESSION, shot('a'))
    outbox.keep(OTHER, shot('b'))
    banco = ({ url }) => (url.includes('session-1') ? refused : taken)
    expect(await outbox.sendAll()).toBe(1)
    expect([idsOf(SESSION), idsOf(OTHER)]).toEqual([['a'], []])
  })

  it('a browser without a store waits for nothing', async () => {
    const without = createOutbox(() => undefined as never)
    expect(without.waiting(SESSION)).toEqual([])
    expect(await without.sendAll()).toBe(0)
  })
})
