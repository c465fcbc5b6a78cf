import { redirect } from 'next/navigation'
import { comparedBag, golferOfPage } from '@/http/gather'
import { Gaps } from '@/ui/screens/gaps/gaps'

export const metadata = { title: 'Gaps' }

export default async function GapsPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const analysed = comparedBag(golfer)
  if (!analysed) redirect(`/golfers/${golfer.id}/bag`)
  return <Gaps golfer={golfer} {...analysed} />
}
