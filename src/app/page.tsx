import { cookies } from 'next/headers'
import { redirect } from 'next/navigation'
import { dataNow } from '@/http/golfer-of-page'
import { LAST_GOLFER } from '@/ui/shared/shell/last-golfer'
import { homeOf } from '@/views/home-view'

export const dynamic = 'force-dynamic'

/** Leads to where the golfer wants to be. */
export default async function Home() {
  const [db, nowMs] = dataNow()
  const home = homeOf(db, (await cookies()).get(LAST_GOLFER)?.value, nowMs)
  redirect(home ? `/golfers/${home.golfer.id}/${home.to}` : '/golfers/new')
}
