import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, single, type SearchParams } from '@/http/golfer-of-page'
import { Rounds } from '@/ui/screens/rounds/rounds'

export const metadata = { title: 'Rounds' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'removed'> }

export default async function RoundsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const view = (await loadView('roundsView', golfer, pageNow())) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Rounds {...view} removed={single((await searchParams).removed)} />
}
