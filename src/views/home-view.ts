import type { Golfer } from '@/core/model/golfer'
import type { Session } from '@/core/model/session'
import { bagOf } from '@/store/bags'
import type { Database } from '@/store/database'
import { allGolfers } from '@/store/golfers'
import { currentSession, newestSessionMs } from '@/store/sessions'

/** Where somebody who opens Banco wants to be: null is the newcomer's first gap. */
type HomeView = { golfer: Golfer; to: 'bay' | 'gaps' | 'bag' } | null

/**
 * Leads a golfer who hits to the Bay, and everybody else to what their shots say.
 * @param used the golfer who was looked at last in this browser
 */
export function homeView(db: Database, used: string | undefined, nowMs: number): HomeView {
  const golfers = allGolfers(db).map((golfer) => ({
    golfer,
    openMs: startOf(currentSession(db, golfer.id, nowMs)),
    newestMs: newestSessionMs(db, golfer.id) ?? 0,
  }))
  // Whose session is open; of several the one that was looked at last; else who was looked at or hit last.
  const [first] = golfers.toSorted(
    (a, b) =>
      Number(b.openMs > 0) - Number(a.openMs > 0) ||
      Number(b.golfer.id === used) - Number(a.golfer.id === used) ||
      b.openMs - a.openMs ||
      b.newestMs - a.newestMs,
  )
  if (!first) return null
  const { golfer, openMs, newestMs } = first
  if (openMs > 0) return { golfer, to: 'bay' }
  return { golfer, to: newestMs ? 'gaps' : bagOf(db, golfer.id) ? 'bay' : 'bag' }
}

/** When a session began that somebody could go on with; 0 for none. */
const startOf = (session: Session | null): number =>
  session && !session.injuryStopMs ? session.startedMs : 0
