import type { SessionId, ShotId } from '@/core/ids'
import type { TypedPost } from '@/core/shots/typed-post'

/** A typed shot that waits, with the last word that the range was clear: it may never have reached Banco. */
export type WaitingShot = TypedPost & { clearMs?: number }

export type BrowserStore = Pick<Storage, 'getItem' | 'setItem' | 'removeItem' | 'key' | 'length'>
const PREFIX = 'banco-waiting '

/**
 * Typed shots that nobody has answered yet, oldest first, of each session. They are kept in the browser, where they
 * survive a reload and a closed tab; what the browser does not take stays in the memory of this page.
 * @param store where they are kept; asked anew each time, since a browser may refuse it
 */
export function waitingShots(store: () => BrowserStore) {
  const inMemory = new Map<SessionId, WaitingShot[]>()

  const stored = (sessionId: SessionId): WaitingShot[] => {
    try {
      const kept: unknown = JSON.parse(store().getItem(PREFIX + sessionId) ?? '[]')
      return Array.isArray(kept) ? kept.filter(isShot) : []
    } catch {
      return []
    }
  }
  const storedSessions = (): SessionId[] => {
    try {
      const keys = Array.from({ length: store().length }, (_, i) => store().key(i) ?? '')
      return keys.filter((key) => key.startsWith(PREFIX)).map((key) => key.slice(PREFIX.length) as SessionId)
    } catch {
      return []
    }
  }
  const of = (sessionId: SessionId): WaitingShot[] => {
    const here = inMemory.get(sessionId) ?? []
    const ids = new Set(here.map(({ id }) => id))
    return [...stored(sessionId).filter(({ id }) => !ids.has(id)), ...here]
  }
  const put = (sessionId: SessionId, shots: readonly WaitingShot[]): void => {
    inMemory.delete(sessionId)
    try {
      // What stood there before must not come back where the new list finds no room.
      store().removeItem(PREFIX + sessionId)
      if (shots.length > 0) store().setItem(PREFIX + sessionId, JSON.stringify(shots))
    } catch {
      inMemory.set(sessionId, [...shots])
    }
  }
  return {
    of,
    /** Every session of which something waits. */
    sessions: (): SessionId[] =>
      [...new Set([...storedSessions(), ...inMemory.keys()])].filter((id) => of(id).length > 0),
    /** Whether everything that waits would survive a reload. */
    isKept: (): boolean => [...inMemory.values()].every((shots) => shots.length === 0),
    /** Puts a shot at the end of the queue; one that waits there already is replaced in its place. */
    keep(sessionId: SessionId, shot: WaitingShot): void {
      const before = of(sessionId)
      const place = before.findIndex(({ id }) => id === shot.id)
      const after = before.at(-1)?.id
      const kept = place < 0 && after ? { after, ...shot } : { ...before[place], ...shot }
      put(sessionId, place < 0 ? [...before, kept] : before.with(place, kept))
    },
    drop(sessionId: SessionId, ids: readonly ShotId[]): void {
      put(
        sessionId,
        of(sessionId).filter(({ id }) => !ids.includes(id)),
      )
    },
  }
}

/** Whatever else a browser holds under that name is no shot. */
function isShot(kept: unknown): kept is WaitingShot {
  if (typeof kept !== 'object' || kept === null) return false
  const { id, clubId, swing, carryM, hitMs } = kept as Partial<Record<keyof WaitingShot, unknown>>
  return (
    [id, clubId, swing].every((text) => typeof text === 'string' && text !== '') &&
    [carryM, hitMs].every(Number.isFinite)
  )
}
