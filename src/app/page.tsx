import { redirect } from 'next/navigation'
import { theDatabase } from '@/store/database'
import { allGolfers } from '@/store/golfers'
import { bagOf } from '@/store/bags'
import { sessionsOf } from '@/store/sessions'

export const dynamic = 'force-dynamic'

/** Leads a newcomer to the first step, and everybody else to what their shots say. */
export default function Home() {
  const db = theDatabase()
  const golfers = allGolfers(db).map((golfer) => ({ golfer, newest: sessionsOf(db, golfer.id)[0] }))
  const last = golfers.reduce<(typeof golfers)[number] | undefined>(
    (best, each) => ((each.newest?.startedMs ?? 0) > (best?.newest?.startedMs ?? -1) ? each : best),
    undefined,
  )
  if (!last) redirect('/golfers/new')
  const home = `/golfers/${last.golfer.id}`
  redirect(last.newest ? `${home}/gaps` : bagOf(db, last.golfer.id) ? `${home}/bay` : `${home}/bag`)
}
