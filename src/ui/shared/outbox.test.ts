import { beforeEach, describe, expect, it } from 'vitest'
import type { ClubId, SessionId, ShotId } from '@/core/model/ids'
import { createOutbox } from './outbox'
import { unreachable, type Sent } from './send'
import type { TypedPost } from '@/core/shots/typed-post'
import type { BrowserStore, Queue } from './waiting-list'

const SESSION = 'session-1' as SessionId
const OTHER = 'session-2' as SessionId
const id = (text: string) => text as ShotId
const shot = (name: string): TypedPost => ({
  id: id(name),
  clubId: '8-iron' as ClubId,
  swing: 'full',
  carryM: 120,
  hitMs: 1,
})

/** A browser's store, as far as this needs one; it takes so many letters. */
function fakeStorage(room = Infinity, kept = new Map<string, string>()) {
  return {
    kept,
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => {
      if (value.length > room) throw new Error('QuotaExceededError')
      kept.set(key, value)
    },
    removeItem: (key: string) => void kept.delete(key),
    key: (at: number) => [...kept.keys()][at] ?? null,
    get length() {
      return kept.size
    },
  }
}
const blocked = (): BrowserStore => {
  throw new Error('SecurityError')
}

type Posted = { url: string; ids: string[]; after?: string; clearMs?: number }
const taken: Sent<unknown> = { ok: true, value: {} }
const no = (field: string): Sent<unknown> => ({
  ok: false,
  problems: [{ field, sentence: `No such ${field}.` }],
})
const URL_1 = '/api/sessions/session-1/shots'

/** A page with its outbox, and a Banco that answers as it is told. */
function page(
  store: () => BrowserStore,
  banco: (post: Posted) => Sent<unknown> = () => taken,
  queue?: Queue,
) {
  const posted: Posted[] = []
  const outbox = createOutbox(
    store,
    (_method, url, body) => {
      const { shots = [], ...more } = (body ?? {}) as { shots?: TypedPost[]; clearMs?: number }
      const after = shots[0]?.after
      const post = { url, ids: shots.map((each) => each.id), ...(after && { after }), ...more }
      posted.push(post)
      return Promise.resolve(banco(post) as Sent<never>)
    },
    queue,
  )
  const waits = (session: SessionId) => outbox.waiting(session).map((each) => each.id)
  const type = (...names: string[]) => {
    for (const name of names) outbox.keep(SESSION, shot(name))
  }
  return { outbox, posted, waits, type }
}

let storage: ReturnType<typeof fakeStorage>
beforeEach(() => {
  storage = fakeStorage()
})

describe('typed shots that wait in the browser', () => {
  it('tell who listens once they were taken, and not while nobody answers', async () => {
    let isAnswering = false
    const { outbox, waits, type } = page(
      () => storage,
      () => (isAnswering ? taken : unreachable()),
    )
    const received: number[] = []
    const unsubscribe = outbox.onSent(() => received.push(waits(SESSION).length))
    type('a', 'b')
    await outbox.sendAll()
    expect(received).toEqual([])
    isAnswering = true
    await outbox.sendAll()
    expect(received).toEqual([0])
    unsubscribe()
    type('c')
    await outbox.sendAll()
    expect(received).toEqual([0])
  })

  it('are kept in order, each once, as they were said last, and know what was typed before them', () => {
    const { outbox } = page(() => storage)
    outbox.keep(SESSION, shot('a'))
    outbox.keep(SESSION, shot('b'))
    outbox.keep(SESSION, { ...shot('a'), mark: 'fat' })
    expect(outbox.waiting(SESSION)).toEqual([
      { ...shot('a'), mark: 'fat' },
      { ...shot('b'), after: 'a' },
    ])
    expect(outbox.isKept()).toBe(true)
  })

  it('are sent in order once somebody answers, and then wait no more', async () => {
    const { outbox, posted, waits } = page(() => storage)
    outbox.keep(SESSION, shot('a'))
    outbox.keep(SESSION, { ...shot('b'), clearMs: 7 })
    expect(await outbox.sendAll()).toEqual({ taken: 2, refused: [], reached: true })
    expect(posted).toEqual([
      { url: URL_1, ids: ['a'] },
      { url: URL_1, ids: ['b'], after: 'a', clearMs: 7 },
    ])
    expect(waits(SESSION)).toEqual([])
  })

  it('are sent before a newer one, and hold it back while nobody answers: none overtakes another', async () => {
    let isAnswering = false
    const { outbox, posted, waits, type } = page(
      () => storage,
      () => (isAnswering ? taken : unreachable()),
    )
    type('a', 'b', 'c')
    expect(await outbox.sendTyped(SESSION, [id('c')])).toMatchObject({ ok: false, unreachable: true })
    isAnswering = true
    expect(await outbox.sendTyped(SESSION, [id('c')])).toMatchObject({ ok: true })
    expect(posted.map(({ ids }) => ids[0])).toEqual(['a', 'a', 'b', 'c'])
    expect(waits(SESSION)).toEqual([])
  })

  it('wait on while nobody answers: none is lost, and somebody is told to try again', async () => {
    let count = 0
    const { outbox, waits, type } = page(
      () => storage,
      ({ ids }) => (ids[0] === 'a' ? taken : unreachable()),
    )
    outbox.onWaiting(() => count++)
    type('a', 'b')
    outbox.keep(OTHER, shot('c'))
    expect(await outbox.sendAll()).toMatchObject({ taken: 1, reached: false })
    expect([waits(SESSION), waits(OTHER)]).toEqual([['b'], ['c']])
    await outbox.sendTyped(SESSION, [id('b')])
    expect([waits(SESSION), count]).toEqual([['b'], 1])
  })

  it('that are refused are kept with the reason, and hold up no other', async () => {
    const { outbox, waits, type } = page(
      () => storage,
      ({ url }) => (url === URL_1 ? no('clubId') : taken),
    )
    type('a')
    outbox.keep(OTHER, shot('b'))
    const sent = await outbox.sendAll()
    expect(sent).toMatchObject({ taken: 1, refused: [{ sessionId: SESSION, shots: ['a'] }] })
    expect(sent.refused[0]?.problems[0]?.sentence).toBe('No such clubId.')
    expect([waits(SESSION), waits(OTHER)]).toEqual([['a'], []])
  })

  it('whose session is no more wait, and can be put into another', async () => {
    const { outbox, posted, waits, type } = page(
      () => storage,
      ({ url }) => (url === URL_1 ? no('session') : taken),
    )
    type('a', 'b')
    expect(await outbox.sendTyped(SESSION, [id('b')])).toMatchObject({ ok: false })
    expect(waits(SESSION)).toEqual(['a', 'b'])
    outbox.moveTo(SESSION, [id('a'), id('b')], OTHER)
    expect([waits(SESSION), waits(OTHER)]).toEqual([[], ['a', 'b']])
    expect(await outbox.sendAll()).toMatchObject({ taken: 2, refused: [] })
    expect(posted.slice(-2).map(({ ids, after }) => [ids[0], after])).toEqual([
      ['a', undefined],
      ['b', 'a'],
    ])
  })

  it('go without the one before where that one is thrown away', async () => {
    const { outbox, posted, type } = page(
      () => storage,
      ({ after }) => (after ? no('after') : taken),
    )
    type('a', 'b')
    outbox.drop(SESSION, [id('a')])
    expect(await outbox.sendTyped(SESSION, [id('b')])).toMatchObject({ ok: true })
    expect(posted.map(({ ids, after }) => [ids[0], after])).toEqual([
      ['b', 'a'],
      ['b', undefined],
    ])
  })

  it('are sent by one page at a time, and once', async () => {
    let last: Promise<unknown> = Promise.resolve()
    const queue: Queue = (task) => {
      const done = last.then(task)
      last = done
      return done
    }
    const [first, second] = [page(() => storage, undefined, queue), page(() => storage, undefined, queue)]
    first.type('a', 'b')
    await Promise.all([
      first.outbox.sendAll(),
      second.outbox.sendAll(),
      first.outbox.sendTyped(SESSION, [id('b')]),
    ])
    expect(
      [...first.posted, ...second.posted].filter(({ ids }) => ids.length > 0).map(({ ids }) => ids[0]),
    ).toEqual(['a', 'b'])
  })
})

describe('a browser that keeps nothing', () => {
  it.each([
    ['has no store', blocked],
    ['is full', () => fakeStorage(0)],
  ])('because it %s sends them all the same, and says so', async (_why, store) => {
    const full = store === blocked ? null : fakeStorage(0)
    const { outbox, posted, waits, type } = page(full ? () => full : store)
    type('a', 'b')
    expect([waits(SESSION), outbox.isKept()]).toEqual([['a', 'b'], false])
    expect(await outbox.sendTyped(SESSION, [id('b')])).toMatchObject({ ok: true })
    expect(posted.map(({ ids }) => ids[0])).toEqual(['a', 'b'])
    expect([waits(SESSION), outbox.isKept()]).toEqual([[], true])
  })

  it('that has room for some holds the rest in memory, and brings back none that was answered', async () => {
    const room = JSON.stringify([shot('a')]).length
    storage = fakeStorage(room)
    const { outbox, waits, type } = page(() => storage)
    type('a')
    expect(outbox.isKept()).toBe(true)
    type('b')
    expect([waits(SESSION), outbox.isKept()]).toEqual([['a', 'b'], false])
    outbox.drop(SESSION, [id('a')])
    expect(waits(SESSION)).toEqual(['b'])
    await outbox.sendAll()
    expect(waits(SESSION)).toEqual([])
  })

  it.each(['null', '5', '{"a":1}', 'nonsense', '[null,5,{"id":"x"}]'])(
    'but garbage (%s) takes shots as if nothing were there',
    async (garbage) => {
      storage = fakeStorage(Infinity, new Map([['banco-waiting session-1', garbage]]))
      const { outbox, posted, waits, type } = page(() => storage)
      type('a')
      expect([waits(SESSION), outbox.isKept()]).toEqual([['a'], true])
      await outbox.sendAll()
      expect(posted.map(({ ids }) => ids[0])).toEqual(['a'])
      expect(page(() => storage).waits(SESSION)).toEqual([])
    },
  )
})
