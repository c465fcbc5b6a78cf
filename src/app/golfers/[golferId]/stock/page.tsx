import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { stockView } from '@/views/stock-view'
import { StockTable } from '@/ui/screens/stock/stock-table'

export const metadata = { title: 'Stock' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'monitor' | 'off'> }

export default async function StockPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const { monitor, off } = await searchParams
  const view =
    stockView(db, golfer, nowMs, { monitor: said(monitor), off: said(off) }) ??
    redirect(`/golfers/${golfer.id}/bag`)
  return <StockTable {...view} />
}
