import type { SessionId, ShotId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import { send as sendToBanco, type Sent } from './send'
import { betweenTabs, oneByOne, type BrowserStore, type Queue } from './waiting-list'
import { waitingShots, type WaitingShot } from './waiting-shots'

/** Shots that Banco does not take as they are: they wait for the golfer's word. */
export type Refused = { sessionId: SessionId; shots: ShotId[]; problems: Problem[] }
/** What became of the shots that waited; `reached` is false where Banco did not answer, or could not just now. */
type SentAll = { taken: number; refused: Refused[]; reached: boolean }

/**
 * Sends typed shots in the order in which they were typed, from any page. A shot waits until Banco has answered: whoever
 * was not reached is asked again, and nothing that was typed later goes before it.
 * @param queue runs one send at a time
 */
export function createOutbox(
  store: () => BrowserStore,
  send: typeof sendToBanco = sendToBanco,
  queue: Queue = oneByOne(),
) {
  const waiting = waitingShots(store)
  const listeners = new Set<() => void>()
  const onceSent = new Set<() => void>()
  const url = (sessionId: SessionId) => `/api/sessions/${encodeURIComponent(sessionId)}/shots`

  async function post<T>(sessionId: SessionId, shots: readonly WaitingShot[]): Promise<Sent<T>> {
    const clearMs = shots.findLast((shot) => shot.clearMs !== undefined)?.clearMs
    const body = (typed: readonly WaitingShot[]) => ({
      shots: typed.map(({ clearMs: _word, ...shot }) => shot),
      ...(clearMs !== undefined && { clearMs }),
    })
    const sent = await send<T>('POST', url(sessionId), body(shots))
    const early = !sent.ok && sent.problems.some(({ field }) => field === 'after')
    // Whatever was typed before is not in the queue any more: it was refused, or thrown away.
    return early
      ? send<T>('POST', url(sessionId), body(shots.map(({ after: _before, ...shot }) => shot)))
      : sent
  }

  async function sendOf(sessionId: SessionId, until?: ShotId): Promise<SentAll> {
    const all: SentAll = { taken: 0, refused: [], reached: true }
    for (const shot of waiting.of(sessionId)) {
      if (shot.id === until) break
      const sent = await post(sessionId, [shot])
      if (sent.ok) {
        all.taken++
        waiting.drop(sessionId, [shot.id])
      } else if (sent.unreachable) return { ...all, reached: false }
      else all.refused.push({ sessionId, shots: [shot.id], problems: sent.problems })
    }
    return all
  }

  return {
    waiting: waiting.of,
    isKept: waiting.isKept,
    /** Tells when shots were typed that wait on, until the returned function is called. */
    onWaiting(notify: () => void): () => void {
      listeners.add(notify)
      return () => listeners.delete(notify)
    },
    /** Tells when shots that waited were taken, until the returned function is called. */
    onSent(notify: () => void): () => void {
      onceSent.add(notify)
      return () => void onceSent.delete(notify)
    },
    keep: waiting.keep,
    drop: waiting.drop,
    /** Sends shots that were just typed together, behind all that waits of their session. */
    sendTyped: <T>(sessionId: SessionId, ids: readonly ShotId[]): Promise<Sent<T>> =>
      queue(async () => {
        const before = await sendOf(sessionId, ids[0])
        const typed = waiting.of(sessionId).filter(({ id }) => ids.includes(id))
        if (!before.reached) return nobody<T>()
        // Another page has sent them meanwhile.
        if (typed.length === 0) return send<T>('GET', `/api/sessions/${encodeURIComponent(sessionId)}/bay`)
        const sent = await post<T>(sessionId, typed)
        return sent
      }).then((sent) => {
        // Refused as they stand: the page that has them says so. Without their session they wait for the golfer's word.
        if (sent.ok || !(sent.unreachable || isGone(sent))) waiting.drop(sessionId, ids)
        else listeners.forEach((notify) => notify())
        return sent
      }),
    /** Sends what waits, of every session. What Banco refuses is kept, and holds up no other. */
    sendAll: (): Promise<SentAll> =>
      queue(async () => {
        const all: SentAll = { taken: 0, refused: [], reached: true }
        for (const sessionId of waiting.sessions()) {
          const sent = await sendOf(sessionId)
          all.taken += sent.taken
          all.refused.push(...sent.refused)
          if (!sent.reached) return { ...all, reached: false }
        }
        return all
      }).then((all) => {
        if (all.taken > 0) onceSent.forEach((notify) => notify())
        return all
      }),
    /** Puts shots whose session is no more behind those of another. */
    moveTo(from: SessionId, shots: readonly ShotId[], to: SessionId): void {
      const moved = waiting.of(from).filter(({ id }) => shots.includes(id))
      for (const { after: _gone, ...shot } of moved) waiting.keep(to, shot)
      waiting.drop(from, shots)
    },
  }
}

/** Whether it is the session that is no more: an older backup was put back, or the golfer was removed. */
export const isGone = ({ problems }: { problems: readonly Problem[] }): boolean =>
  problems.some(({ field }) => field === 'session')

const nobody = <T>(): Sent<T> => ({ ok: false, unreachable: true, problems: [] })

/** The one of this browser. */
export const outbox = createOutbox(() => localStorage, undefined, betweenTabs('banco-outbox'))
