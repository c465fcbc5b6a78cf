import type { Session } from '@/core/session/session'
import { dataMark, theDatabase } from '@/store/database'
import { bayView } from '@/views/bay-view'
import { requireGolfer, requireOwnedSession } from './require'
import { refuse } from './route'

/** What was answered last, for the other tabs that a notice made ask for the same. */
const answered = new Map<string, string>()
const MOST_KEPT = 4
const SECOND_MS = 1000

/** The Bay as it stands now. */
export function bayResponse(sessionId: Session['id']): Response {
  const session = requireOwnedSession(sessionId)
  const nowMs = Date.now()
  const key = `${session.id} ${Math.floor(nowMs / SECOND_MS)} ${dataMark()}`
  const text = answered.get(key) ?? asText(session, nowMs)
  answered.delete(key)
  answered.set(key, text)
  for (const old of answered.keys()) if (answered.size > MOST_KEPT) answered.delete(old)
  return new Response(text, { headers: { 'Content-Type': 'application/json' } })
}

function asText(session: ReturnType<typeof requireOwnedSession>, nowMs: number): string {
  const view = bayView(theDatabase(), requireGolfer(session.golferId), session, nowMs)
  return view
    ? JSON.stringify(view)
    : refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
}
