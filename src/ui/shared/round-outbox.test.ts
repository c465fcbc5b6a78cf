import { expect, it } from 'vitest'
import type { RoundId, RoundShotId } from '@/core/model/ids'
import type { RoundEvent } from '@/core/rounds/round'
import { createRoundOutbox } from './round-outbox'
import type { Sent } from './send'
import type { BrowserStore } from './waiting-list'

const ROUND = 'round-1' as RoundId
const word = (name: string): RoundEvent => ({
  ...{ said: name, id: name as RoundShotId, atMs: 1, clubId: 'c' as RoundEvent['clubId'], swing: 'full' },
  ...{ leftM: null, afterM: null, carryM: null, lie: null },
})

/** What a browser keeps, in a map. */
function browser(): BrowserStore {
  const kept = new Map<string, string>()
  return {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
    key: (i) => [...kept.keys()][i] ?? null,
    get length() {
      return kept.size
    },
  }
}

type Posted = { said: RoundEvent[]; batch: string }
/** An outbox, and a Banco that answers as it is told to. */
function outboxWith(response: (posted: Posted) => Sent<unknown>) {
  const posts: Posted[] = []
  const store = browser()
  const send = async <T>(_method: string, _url: string, body?: unknown): Promise<Sent<T>> => {
    posts.push(body as Posted)
    return response(body as Posted) as Sent<T>
  }
  return { store, posts, outbox: createRoundOutbox(() => store, send) }
}
const gone: Sent<unknown> = { ok: false, unreachable: true, problems: [] }
const taken: Sent<unknown> = { ok: true, value: 'as Banco has it' }

it('words go in the order in which they were said, each once', async () => {
  const { outbox, posts } = outboxWith(() => taken)
  for (const name of ['a', 'b', 'c']) outbox.keep(ROUND, { id: name, said: [word(name)] })
  const [first, second] = await Promise.all([outbox.sendAll(ROUND), outbox.sendAll(ROUND)])
  expect(posts.map(({ batch }) => batch)).toEqual(['a', 'b', 'c'])
  expect(first).toEqual({ kind: 'taken', round: 'as Banco has it' })
  expect(second).toBeNull()
  expect(outbox.waiting(ROUND)).toEqual([])
})

it('what nobody heard waits through a reload, and nothing that was said later goes before it', async () => {
  let away = true
  const { outbox, posts, store } = outboxWith(() => (away ? gone : taken))
  outbox.keep(ROUND, { id: 'a', said: [word('a')] })
  outbox.keep(ROUND, { id: 'b', said: [word('b')] })
  expect(await outbox.sendAll(ROUND)).toEqual({ kind: 'waits' })
  expect(posts).toHaveLength(1)
  away = false
  const reloaded = createRoundOutbox(
    () => store,
    async <T>() => taken as Sent<T>,
  )
  expect(reloaded.rounds()).toEqual([ROUND])
  expect(reloaded.waiting(ROUND).map(({ id }) => id)).toEqual(['a', 'b'])
  expect(await reloaded.sendAll(ROUND)).toMatchObject({ kind: 'taken' })
  expect(reloaded.rounds()).toEqual([])
})

it('what is refused stays, says why, and is dropped only by the golfer', async () => {
  const problems = [{ field: 'round', sentence: 'There is no such round here.' }]
  const { outbox } = outboxWith(() => ({ ok: false, problems }))
  outbox.keep(ROUND, { id: 'a', said: [word('a')] })
  expect(await outbox.sendAll(ROUND)).toEqual({ kind: 'refused', problems })
  expect(outbox.waiting(ROUND)).toHaveLength(1)
  outbox.drop(ROUND, ['a'])
  expect(outbox.waiting(ROUND)).toEqual([])
})

it('the page gets the result of each send, whichever page sent', async () => {
  let away = true
  const { outbox } = outboxWith(() => (away ? gone : taken))
  const results: unknown[] = []
  const unsubscribe = outbox.onSent((roundId, sent) => results.push([roundId, sent?.kind]))
  await outbox.sendAll(ROUND)
  outbox.keep(ROUND, { id: 'a', said: [word('a')] })
  await outbox.sendAll(ROUND)
  away = false
  await outbox.sendAll(ROUND)
  unsubscribe()
  outbox.keep(ROUND, { id: 'b', said: [word('b')] })
  await outbox.sendAll(ROUND)
  expect(results).toEqual([
    [ROUND, undefined],
    [ROUND, 'waits'],
    [ROUND, 'taken'],
  ])
})

it('whatever else a browser holds under that name is no word', () => {
  const { outbox, store } = outboxWith(() => taken)
  store.setItem(`banco-round ${ROUND}`, '[{"id":3},{"id":"a","said":[]},null,7]')
  expect(outbox.waiting(ROUND)).toEqual([])
  store.setItem(`banco-round ${ROUND}`, 'no JSON')
  expect(outbox.waiting(ROUND)).toEqual([])
})
