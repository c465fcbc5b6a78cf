import type { Session } from '@/core/session/session'
import { theDatabase } from '@/store/database'
import { bayView } from '@/views/bay-view'
import { knownGolfer, ownedSession } from './known'
import { notify } from './notices'
import { refuse } from './answer'

/** The Bay as it stands now. */
export function answerBay(sessionId: Session['id']): Response {
  const session = ownedSession(sessionId)
  const view = bayView(theDatabase(), knownGolfer(session.golferId), session, Date.now())
  return view
    ? Response.json(view)
    : refuse(409, 'bag', 'This golfer has no bag yet: start one from a template.')
}

/** The Bay after a change: every other open page is told. */
export function answerChangedBay(sessionId: Session['id']): Response {
  notify()
  return answerBay(sessionId)
}
