import type { SessionId, ShotId } from '@/core/model/ids'
import type { TypedPost } from '@/core/shots/typed-post'
import { waitingList, type BrowserStore } from './waiting-list'

/** A typed shot that waits, with the last word that the range was clear: it may never have reached Banco. */
export type WaitingShot = TypedPost & { clearMs?: number }

/** Typed shots of each session that nobody has answered yet, oldest first. */
export function waitingShots(store: () => BrowserStore) {
  const list = waitingList<SessionId, WaitingShot>(store, 'banco-waiting ', isShot)
  return {
    of: list.of,
    sessions: list.keys,
    isKept: list.isKept,
    drop: (sessionId: SessionId, ids: readonly ShotId[]): void => list.drop(sessionId, ids),
    /** Puts a shot at the end of the queue; one that waits there already is replaced in its place. */
    keep(sessionId: SessionId, shot: WaitingShot): void {
      const before = list.of(sessionId)
      const index = before.findIndex(({ id }) => id === shot.id)
      const after = before.at(-1)?.id
      const kept = index < 0 && after ? { after, ...shot } : { ...before[index], ...shot }
      list.put(sessionId, index < 0 ? [...before, kept] : before.with(index, kept))
    },
  }
}

function isShot(kept: unknown): kept is WaitingShot {
  if (typeof kept !== 'object' || kept === null) return false
  const { id, clubId, swing, carryM, hitMs } = kept as Partial<Record<keyof WaitingShot, unknown>>
  return (
    [id, clubId, swing].every((text) => typeof text === 'string' && text !== '') &&
    [carryM, hitMs].every(Number.isFinite)
  )
}
