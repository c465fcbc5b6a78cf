import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { dataNow } from '@/http/golfer-of-page'
import { hasDesk } from '@/store/visits'
import { DESK_PLACE, LAST_GOLFER } from '@/ui/shared/shell/last-golfer'
import { homeView } from '@/views/home-view'

export const dynamic = 'force-dynamic'

/** Leads to where somebody wants to be: to the desk that was left last, else to the golfer. */
export default async function HomePage() {
  const [db, nowMs] = dataNow()
  const used = (await cookies()).get(LAST_GOLFER)?.value
  if (used === DESK_PLACE && hasDesk(db)) redirect('/desk')
  const home = homeView(db, used, nowMs)
  redirect(home ? `/golfers/${home.golfer.id}/${home.to}` : '/golfers/new')
}
