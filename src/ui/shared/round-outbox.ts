import type { RoundId } from '@/core/model/ids'
import type { RoundEvent } from '@/core/rounds/round'
import type { Problem } from '@/core/model/problem'
import type { RoundSummary } from '@/views/round-view'
import { send as sendToBanco } from './send'
import { betweenTabs, oneByOne, waitingList, type BrowserStore, type Queue } from './waiting-list'

/** Events of a round that were entered together: sent, and undone, together. */
export type RoundEntry = { id: string; said: RoundEvent[] }
type RoundSendResult =
  /** Banco has every entry; the round with them. */
  | { kind: 'taken'; round: RoundSummary }
  /** Banco does not answer. The entries stay in this browser. */
  | { kind: 'waits' }
  | { kind: 'refused'; problems: Problem[] }

type Listener = (roundId: RoundId, sent: RoundSendResult | null) => void

/**
 * Sends the entries of a round in order. They stay in the browser until Banco has answered, so that none is lost on a
 * course without a network.
 * @param queue runs one send at a time
 */
export function createRoundOutbox(
  store: () => BrowserStore,
  send: typeof sendToBanco = sendToBanco,
  queue: Queue = oneByOne(),
) {
  const list = waitingList<RoundId, RoundEntry>(store, 'banco-round ', isEntry)
  const listeners = new Set<Listener>()
  return {
    waiting: list.of,
    rounds: list.keys,
    keep: (roundId: RoundId, entry: RoundEntry): void => list.put(roundId, [...list.of(roundId), entry]),
    drop: list.drop,
    /** Calls back with the result of each send, whichever page sent, until the returned function is called. */
    onSent(listener: Listener): () => void {
      listeners.add(listener)
      return () => void listeners.delete(listener)
    },
    /** Sends the waiting entries of a round; null: there were none. */
    sendAll: (roundId: RoundId): Promise<RoundSendResult | null> =>
      queue<RoundSendResult | null>(async () => {
        let last: RoundSendResult | null = null
        for (const { id, said: events } of list.of(roundId)) {
          const sent = await send<RoundSummary>('POST', `/api/rounds/${encodeURIComponent(roundId)}/shots`, {
            said: events,
            batch: id,
          })
          if (!sent.ok && sent.unreachable) return { kind: 'waits' }
          if (!sent.ok) return { kind: 'refused', problems: sent.problems }
          list.drop(roundId, [id])
          last = { kind: 'taken', round: sent.value }
        }
        return last
      }).then((sent) => {
        listeners.forEach((listener) => listener(roundId, sent))
        return sent
      }),
  }
}

function isEntry(kept: unknown): kept is RoundEntry {
  if (typeof kept !== 'object' || kept === null) return false
  const { id, said: events } = kept as Partial<Record<keyof RoundEntry, unknown>>
  return typeof id === 'string' && Array.isArray(events) && events.length > 0
}

/** The one of this browser. */
export const roundOutbox = createRoundOutbox(() => localStorage, undefined, betweenTabs('banco-rounds'))
