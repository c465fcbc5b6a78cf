import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { History } from '@/ui/screens/history/history'

export const metadata = { title: 'Over time' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'club'> }

export default async function HistoryPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const view = await viewBeside('historyView', golfer)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <History {...view} asked={said((await searchParams).club)} />
}
