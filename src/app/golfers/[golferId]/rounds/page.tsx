import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { Rounds } from '@/ui/screens/rounds/rounds'
import { roundsView } from '@/views/rounds-view'

export const metadata = { title: 'Rounds' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'removed'> }

export default async function RoundsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = roundsView(db, golfer, nowMs) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Rounds {...view} removed={said((await searchParams).removed)} />
}
