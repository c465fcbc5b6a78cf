import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { Balls } from '@/ui/screens/balls/balls'
import { ballsView } from '@/views/balls-view'

export const metadata = { title: 'Balls' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'first' | 'second'> }

export default async function BallsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { first, second } = await searchParams
  const [db, nowMs] = dataNow()
  const view = ballsView(db, golfer, nowMs, { first: said(first), second: said(second) })
  return <Balls {...(view ?? redirect(`/golfers/${golfer.id}/bag`))} />
}
