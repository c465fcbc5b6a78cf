import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, pageNow, said, type Asked } from '@/http/golfer-of-page'
import { StockTable } from '@/ui/screens/stock/stock-table'

export const metadata = { title: 'Stock' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'monitor' | 'off'> }

export default async function StockPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { monitor, off } = await searchParams
  const view =
    (await viewBeside('stockView', golfer, pageNow(), { monitor: said(monitor), off: said(off) })) ??
    redirect(`/golfers/${golfer.id}/bag`)
  return <StockTable {...view} />
}
