import { redirect } from 'next/navigation'
import { MOST_CLUBS } from '@/core/bag/club'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, single, type SearchParams } from '@/http/golfer-of-page'
import { RefitScreen } from '@/ui/screens/refit/refit-screen'

export const metadata = { title: 'Fix gaps' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'for' | 'carry'> }

export default async function RefitPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const query = await searchParams
  const carry = Number(single(query.carry))
  const wanted = Number.isInteger(carry) && carry > 0 && carry <= MOST_CLUBS ? carry : undefined
  const longerId = single(query.for)
  const view = await loadView('refitView', golfer, pageNow(), {
    ...(longerId !== undefined && { longerId }),
    ...(wanted !== undefined && { carry: wanted }),
  })
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <RefitScreen golfer={golfer} {...view} />
}
