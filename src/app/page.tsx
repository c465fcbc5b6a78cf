import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { pageDatabase } from '@/http/golfer-of-page'
import { allGolfers } from '@/store/golfers'
import { bagOf } from '@/store/bags'
import { currentSession, sessionsOf } from '@/store/sessions'
import { LAST_GOLFER } from '@/ui/shared/shell/last-golfer'

export const dynamic = 'force-dynamic'

/** Leads a newcomer to the first step, a golfer who hits to the Bay, and everybody else to what their shots say. */
export default async function Home() {
  const db = pageDatabase()
  const nowMs = Date.now()
  const used = (await cookies()).get(LAST_GOLFER)?.value
  const golfers = allGolfers(db).map((golfer) => ({
    golfer,
    open: currentSession(db, golfer.id, nowMs),
    newestMs: sessionsOf(db, golfer.id)[0]?.startedMs ?? 0,
  }))
  const openMs = ({ open }: (typeof golfers)[number]) => (open && !open.hurtMs ? open.startedMs : 0)
  // Whose session is open; of several the one that was looked at last; else who was looked at or hit last.
  const [first] = golfers.toSorted(
    (a, b) =>
      Number(openMs(b) > 0) - Number(openMs(a) > 0) ||
      Number(b.golfer.id === used) - Number(a.golfer.id === used) ||
      openMs(b) - openMs(a) ||
      b.newestMs - a.newestMs,
  )
  if (!first) redirect('/golfers/new')
  const home = `/golfers/${first.golfer.id}`
  if (openMs(first) > 0) redirect(`${home}/bay`)
  redirect(first.newestMs ? `${home}/gaps` : bagOf(db, first.golfer.id) ? `${home}/bay` : `${home}/bag`)
}
