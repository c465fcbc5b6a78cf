import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { stockView } from '@/views/stock-view'
import { StockTable } from '@/ui/screens/stock/stock-table'

export const metadata = { title: 'Stock' }

export default async function StockPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = stockView(db, golfer, nowMs) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <StockTable {...view} />
}
