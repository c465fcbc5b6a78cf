import type { ShotId, SessionId } from '@/core/ids'
import type { Station } from '@/core/station'
import type { Mark } from '@/core/shots/mark'
import { send } from '../../shared/send'

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

const PREFIX = 'banco-waiting '

/** Typed shots that wait in this browser until Banco answers, oldest first. They survive a reload and a closed tab. */
export function waitingShots(sessionId: SessionId): WaitingShot[] {
  try {
    const kept = localStorage.getItem(PREFIX + sessionId)
    return kept ? (JSON.parse(kept) as WaitingShot[]) : []
  } catch {
    return []
  }
}

export function keepWaiting(sessionId: SessionId, shot: WaitingShot): void {
  const waiting = waitingShots(sessionId)
  const place = waiting.findIndex(({ id }) => id === shot.id)
  store(sessionId, place < 0 ? [...waiting, shot] : waiting.with(place, shot))
}

/** They were answered, and wait no more. */
export function dropWaiting(sessionId: SessionId, ids: readonly ShotId[]): void {
  store(
    sessionId,
    waitingShots(sessionId).filter(({ id }) => !ids.includes(id)),
  )
}

/**
 * Sends what waits in this browser, of every session, in the order in which it was typed. What Banco refuses
 * is kept, and tried again with the next page.
 * @returns how many were taken
 */
export async function sendWaiting(): Promise<number> {
  let taken = 0
  for (const sessionId of waitingSessionIds()) {
    const sent = await sendWaitingOf(sessionId)
    taken += sent.taken
    if (!sent.reached) return taken
  }
  return taken
}

/**
 * Sends what waits of one session, in the order in which it was typed.
 * @param until what was typed from this shot on is not sent yet
 */
export async function sendWaitingOf(
  sessionId: SessionId,
  until?: ShotId,
): Promise<{ taken: number; reached: boolean }> {
  let taken = 0
  for (const shot of waitingShots(sessionId)) {
    if (shot.id === until) break
    const { clearMs, ...typed } = shot
    const sent = await send('POST', `/api/sessions/${encodeURIComponent(sessionId)}/shots`, {
      shots: [typed],
      ...(clearMs !== undefined && { clearMs }),
    })
    if (!sent.ok && sent.unreachable) return { taken, reached: false }
    if (!sent.ok) continue
    taken++
    dropWaiting(sessionId, [shot.id])
  }
  return { taken, reached: true }
}

function waitingSessionIds(): SessionId[] {
  try {
    return Object.keys(localStorage)
      .filter((key) => key.startsWith(PREFIX))
      .map((key) => key.slice(PREFIX.length) as SessionId)
  } catch {
    return []
  }
}

function store(sessionId: SessionId, shots: readonly WaitingShot[]): void {
  if (shots.length === 0) localStorage.removeItem(PREFIX + sessionId)
  else localStorage.setItem(PREFIX + sessionId, JSON.stringify(shots))
}
