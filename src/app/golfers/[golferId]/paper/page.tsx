import { redirect } from 'next/navigation'
import { golferOfPage, cardData } from '@/app/server/gather'
import { PaperBench } from '@/ui/paper/paper-bench'

export const metadata = { title: 'Card and report' }

export default async function PaperPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const data = cardData(golfer) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <PaperBench golfer={golfer} data={data} />
}
