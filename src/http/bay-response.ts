import type { Session } from '@/core/session/session'
import { theDatabase } from '@/store/database'
import { bayView } from '@/views/bay-view'
import { requireGolfer, requireOwnedSession } from './require'
import { refuse } from './route'

/** The Bay as it stands now. */
export function bayResponse(sessionId: Session['id']): Response {
  const session = requireOwnedSession(sessionId)
  const view = bayView(theDatabase(), requireGolfer(session.golferId), session, Date.now())
  return view
    ? Response.json(view)
    : refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
}
