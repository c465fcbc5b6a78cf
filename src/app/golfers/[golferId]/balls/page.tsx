import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, pageNow, said, type Asked } from '@/http/golfer-of-page'
import { Balls } from '@/ui/screens/balls/balls'

export const metadata = { title: 'Balls' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'first' | 'second'> }

export default async function BallsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { first, second } = await searchParams
  const view = await viewBeside('ballsView', golfer, pageNow(), {
    first: said(first),
    second: said(second),
  })
  return <Balls {...(view ?? redirect(`/golfers/${golfer.id}/bag`))} />
}
