import { notFound } from 'next/navigation'
import { golferOfPage, sessionEnd, sessionForBay } from '@/http/gather'
import { SessionEnd } from '@/ui/screens/session/session-end'

export const metadata = { title: 'Session' }

type Props = { params: Promise<{ golferId: string; sessionId: string }> }

export default async function SessionPage({ params }: Props) {
  const { golferId, sessionId } = await params
  const golfer = golferOfPage(golferId)
  const session = sessionForBay(golfer, sessionId)
  if (session?.id !== decodeURIComponent(sessionId)) notFound()
  const end = sessionEnd(golfer, session)
  if (!end) notFound()
  return <SessionEnd {...end} />
}
