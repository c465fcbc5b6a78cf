import { notFound } from 'next/navigation'
import { golferOfPage, pageDatabase } from '@/http/golfer-of-page'
import { Round } from '@/ui/screens/rounds/round'
import { roundView } from '@/views/round-view'

export const metadata = { title: 'Round' }

type Props = { params: Promise<{ golferId: string; roundId: string }> }

export default async function RoundPage({ params }: Props) {
  const { golferId, roundId } = await params
  const golfer = golferOfPage(golferId)
  const view = roundView(pageDatabase(), golfer, decodeURIComponent(roundId)) ?? notFound()
  return <Round key={view.round.id} {...view} />
}
