import type { SessionId, ShotId } from '@/core/ids'
import type { Mark } from '@/core/shots/mark'
import type { Station } from '@/core/station'
import { send as sendToBanco, type Sent } from './send'

/** A shot as it was typed; its id makes it one shot however often it is sent. */
export type TypedShotPost = Station & {
  id: ShotId
  carryM: number
  offlineM?: number
  hitMs: number
  /** Waits for the golfer: one slip of the fingers would explain its carry. */
  heldBecause?: 'implausible-carry'
  /** As the golfer marked it while it waited. */
  mark?: Mark | null
}

/** A typed shot that waits, with the last word that the range was clear: it may never have reached Banco. */
export type WaitingShot = TypedShotPost & { clearMs?: number }

type Store = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>
const PREFIX = 'banco-waiting '

/**
 * Typed shots that wait in this browser until Banco answers, oldest first. They survive a reload and a closed tab,
 * and are sent from any page, in the order in which they were typed.
 * @param store where they wait; asked anew each time, since a browser may refuse it
 */
export function createOutbox(store: () => Store, send: typeof sendToBanco = sendToBanco) {
  const waiting = (sessionId: SessionId): WaitingShot[] => {
    try {
      const kept = store().getItem(PREFIX + sessionId)
      return kept ? (JSON.parse(kept) as WaitingShot[]) : []
    } catch {
      return []
    }
  }
  const put = (sessionId: SessionId, shots: readonly WaitingShot[]): void => {
    if (shots.length === 0) store().removeItem(PREFIX + sessionId)
    else store().setItem(PREFIX + sessionId, JSON.stringify(shots))
  }
  const sessions = (): SessionId[] => {
    try {
      const keys = Array.from({ length: store().length }, (_, i) => store().key(i) ?? '')
      return keys.filter((key) => key.startsWith(PREFIX)).map((key) => key.slice(PREFIX.length) as SessionId)
    } catch {
      return []
    }
  }
  const drop = (sessionId: SessionId, ids: readonly ShotId[]): void =>
    put(
      sessionId,
      waiting(sessionId).filter(({ id }) => !ids.includes(id)),
    )
  const post = (sessionId: SessionId, { clearMs, ...typed }: WaitingShot): Promise<Sent<unknown>> =>
    send('POST', `/api/sessions/${encodeURIComponent(sessionId)}/shots`, {
      shots: [typed],
      ...(clearMs !== undefined && { clearMs }),
    })

  /**
   * Sends what waits of one session. What Banco refuses is kept, and tried again with the next page.
   * @param until what was typed from this shot on is not sent yet
   */
  async function sendOf(sessionId: SessionId, until?: ShotId): Promise<{ taken: number; reached: boolean }> {
    let taken = 0
    for (const shot of waiting(sessionId)) {
      if (shot.id === until) break
      const sent = await post(sessionId, shot)
      if (!sent.ok && sent.unreachable) return { taken, reached: false }
      if (!sent.ok) continue
      taken++
      drop(sessionId, [shot.id])
    }
    return { taken, reached: true }
  }

  return {
    waiting,
    keep(sessionId: SessionId, shot: WaitingShot): void {
      const before = waiting(sessionId)
      const place = before.findIndex(({ id }) => id === shot.id)
      put(sessionId, place < 0 ? [...before, shot] : before.with(place, shot))
    },
    /** They were answered, and wait no more. */
    drop,
    sendOf,
    /**
     * Sends what waits, of every session.
     * @returns how many were taken
     */
    async sendAll(): Promise<number> {
      let taken = 0
      for (const sessionId of sessions()) {
        const sent = await sendOf(sessionId)
        taken += sent.taken
        if (!sent.reached) break
      }
      return taken
    },
  }
}

/** The one of this browser. */
export const outbox = createOutbox(() => localStorage)
