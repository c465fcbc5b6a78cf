import { redirect } from 'next/navigation'
import { airsToAsk, besideTheStocks, comparedBag, golferOfPage, setUpsBehind } from '@/http/gather'
import { StockTable } from '@/ui/screens/stock/stock-table'

export const metadata = { title: 'Stock' }

export default async function StockPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const analysed = comparedBag(golfer)
  if (!analysed) redirect(`/golfers/${golfer.id}/bag`)
  return (
    <StockTable
      golfer={golfer}
      {...analysed}
      setUps={setUpsBehind(golfer)}
      airs={airsToAsk(golfer)}
      {...besideTheStocks(golfer, analysed.bag)}
    />
  )
}
