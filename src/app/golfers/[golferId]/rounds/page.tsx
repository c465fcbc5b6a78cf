import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, pageNow, said, type Asked } from '@/http/golfer-of-page'
import { Rounds } from '@/ui/screens/rounds/rounds'

export const metadata = { title: 'Rounds' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'removed'> }

export default async function RoundsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const view = (await viewBeside('roundsView', golfer, pageNow())) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Rounds {...view} removed={said((await searchParams).removed)} />
}
