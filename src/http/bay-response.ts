import type { Session } from '@/core/session/session'
import { dataMark, theDatabase } from '@/store/database'
import { bayView } from '@/views/bay-view'
import { requireGolfer, requireOwnedSession } from './require'
import { refuse } from './route'

/** What was answered last, for the other tabs that a notice made ask for the same. */
const answered = new Map<string, Uint8Array<ArrayBuffer>>()
const MOST_KEPT = 4
const SECOND_MS = 1000

/** When the next Bay may be worked out for those who only listen, in milliseconds of this process. */
let restedAt = 0
const LONGEST_REST_MS = 1000

/**
 * Lets others have their turn: while shots come faster than a Bay can be worked out, the one thread would do nothing else,
 * and the next shot would wait. Whoever listens waits as long as the last Bay took; a shot that is posted does not.
 */
export async function afterOthers(): Promise<void> {
  const wait = restedAt - performance.now()
  if (wait > 0) await new Promise((resolve) => setTimeout(resolve, wait))
}

/** The Bay as it stands now. */
export function bayResponse(sessionId: Session['id']): Response {
  const session = requireOwnedSession(sessionId)
  const nowMs = Date.now()
  const key = `${session.id} ${Math.floor(nowMs / SECOND_MS)} ${dataMark()}`
  const bytes = answered.get(key) ?? workedOut(session, nowMs)
  answered.delete(key)
  answered.set(key, bytes)
  for (const old of answered.keys()) if (answered.size > MOST_KEPT) answered.delete(old)
  return new Response(bytes, { headers: { 'Content-Type': 'application/json' } })
}

function workedOut(session: ReturnType<typeof requireOwnedSession>, nowMs: number) {
  const began = performance.now()
  const bytes = asBytes(session, nowMs)
  const ended = performance.now()
  restedAt = ended + Math.min(LONGEST_REST_MS, ended - began)
  return bytes
}

function asBytes(session: ReturnType<typeof requireOwnedSession>, nowMs: number): Uint8Array<ArrayBuffer> {
  const view = bayView(theDatabase(), requireGolfer(session.golferId), session, nowMs)
  return view
    ? new TextEncoder().encode(JSON.stringify(view))
    : refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
}
