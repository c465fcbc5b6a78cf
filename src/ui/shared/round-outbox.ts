import type { RoundId } from '@/core/model/ids'
import type { RoundEvent } from '@/core/rounds/round'
import type { Problem } from '@/core/model/problem'
import { send as sendToBanco } from './send'
import { waitingList, type BrowserStore } from './waiting-list'

/** Words about shots of a round that were said in one breath: sent, and undone, together. */
export type RoundWords = { id: string; said: RoundEvent[] }
type WordsSent<T> =
  /** Everything that waited is taken; the round as Banco has it. */
  | { kind: 'taken'; round: T }
  /** Banco does not answer: the words wait in this browser. */
  | { kind: 'waits' }
  | { kind: 'refused'; problems: Problem[] }

/**
 * Sends what a golfer says of a round in the order in which it was said. Words wait in the browser until Banco has
 * answered, so that a course without a network loses none.
 */
export function createRoundOutbox(store: () => BrowserStore, send: typeof sendToBanco = sendToBanco) {
  const list = waitingList<RoundId, RoundWords>(store, 'banco-round ', isWords)
  let turn: Promise<unknown> = Promise.resolve()
  const queue = <T>(task: () => Promise<T>): Promise<T> => {
    const next = turn.then(task, task)
    turn = next.catch(() => {})
    return next
  }
  return {
    waiting: list.of,
    rounds: list.keys,
    keep: (roundId: RoundId, words: RoundWords): void => list.put(roundId, [...list.of(roundId), words]),
    drop: list.drop,
    sendAll: <T>(roundId: RoundId): Promise<WordsSent<T> | null> =>
      queue(async () => {
        let last: WordsSent<T> | null = null
        for (const { id, said: events } of list.of(roundId)) {
          const sent = await send<T>('POST', `/api/rounds/${encodeURIComponent(roundId)}/shots`, {
            said: events,
            batch: id,
          })
          if (!sent.ok && sent.unreachable) return { kind: 'waits' }
          if (!sent.ok) return { kind: 'refused', problems: sent.problems }
          list.drop(roundId, [id])
          last = { kind: 'taken', round: sent.value }
        }
        return last
      }),
  }
}

function isWords(kept: unknown): kept is RoundWords {
  if (typeof kept !== 'object' || kept === null) return false
  const { id, said: events } = kept as Partial<Record<keyof RoundWords, unknown>>
  return typeof id === 'string' && Array.isArray(events) && events.length > 0
}

/** The one of this browser. */
export const roundOutbox = createRoundOutbox(() => localStorage)
