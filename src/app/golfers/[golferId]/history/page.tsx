import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, single, type SearchParams } from '@/http/golfer-of-page'
import { History } from '@/ui/screens/history/history'

export const metadata = { title: 'Over time' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'club'> }

export default async function HistoryPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const view = await loadView('historyView', golfer)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <History {...view} clubId={single((await searchParams).club)} />
}
