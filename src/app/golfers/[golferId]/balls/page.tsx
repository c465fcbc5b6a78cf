import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, single, type SearchParams } from '@/http/golfer-of-page'
import { Balls } from '@/ui/screens/balls/balls'

export const metadata = { title: 'Balls' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'first' | 'second'> }

export default async function BallsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { first, second } = await searchParams
  const view = await loadView('ballsView', golfer, pageNow(), {
    first: single(first),
    second: single(second),
  })
  return <Balls {...(view ?? redirect(`/golfers/${golfer.id}/bag`))} />
}
