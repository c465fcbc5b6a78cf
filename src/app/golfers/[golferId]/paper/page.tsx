import { redirect } from 'next/navigation'
import { cardData, dayCardData, golferOfPage } from '@/http/gather'
import { PaperBench } from '@/ui/screens/paper/paper-bench'

export const metadata = { title: 'Card and report' }

export default async function PaperPage({
  params,
  searchParams,
}: {
  params: Promise<{ golferId: string }>
  searchParams: Promise<{ card?: string }>
}) {
  const golfer = golferOfPage((await params).golferId)
  const kind = (await searchParams).card === 'day' ? 'day' : 'card'
  const data = (kind === 'day' ? dayCardData : cardData)(golfer) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <PaperBench golfer={golfer} data={data} kind={kind} />
}
