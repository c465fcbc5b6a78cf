import type { Session } from '@/core/model/session'
import { dataMark } from '@/store/database'
import { ofOneGolfer, type BayView } from '@/views/bay-view'
import { loadView } from './workers'
import { scopeOfPage } from './golfer-of-page'
import { requireOwnedSession } from './require'
import { refuse } from './route'

/** What is or was answered last, for the other tabs that a notice made ask for the same. */
const answered = new Map<string, Promise<Uint8Array<ArrayBuffer>>>()
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
export async function bayResponse(sessionId: Session['id']): Promise<Response> {
  const session = requireOwnedSession(sessionId)
  const nowMs = Date.now()
  const key = `${session.id} ${Math.floor(nowMs / SECOND_MS)} ${dataMark()}`
  const bytes = answered.get(key) ?? workedOut(session.id, nowMs)
  answered.delete(key)
  answered.set(key, bytes)
  // Nobody else is given what could not be worked out.
  bytes.catch(() => answered.delete(key))
  for (const old of answered.keys()) if (answered.size > MOST_KEPT) answered.delete(old)
  const whole = await bytes
  const json = { headers: { 'Content-Type': 'application/json' } }
  if ((await scopeOfPage()).kind === 'whole') return new Response(whole, json)
  return new Response(
    JSON.stringify(ofOneGolfer(JSON.parse(new TextDecoder().decode(whole)) as BayView)),
    json,
  )
}

async function workedOut(sessionId: Session['id'], nowMs: number): Promise<Uint8Array<ArrayBuffer>> {
  const began = performance.now()
  const view = await loadView('bayJson', sessionId, nowMs)
  const ended = performance.now()
  restedAt = ended + Math.min(LONGEST_REST_MS, ended - began)
  return view === null
    ? refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
    : new TextEncoder().encode(view)
}
