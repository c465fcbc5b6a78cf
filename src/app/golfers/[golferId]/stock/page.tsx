import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, single, type SearchParams } from '@/http/golfer-of-page'
import { StockTable } from '@/ui/screens/stock/stock-table'

export const metadata = { title: 'Stock' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'monitor' | 'off'> }

export default async function StockPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { monitor, off } = await searchParams
  const view =
    (await loadView('stockView', golfer, pageNow(), { monitor: single(monitor), off: single(off) })) ??
    redirect(`/golfers/${golfer.id}/bag`)
  return <StockTable {...view} />
}
