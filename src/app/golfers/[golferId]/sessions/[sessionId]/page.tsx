import { notFound } from 'next/navigation'
import { loadView } from '@/http/workers'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { sessionForBay } from '@/views/bay-view'
import { SessionEnd } from '@/ui/screens/session/session-end'

export const metadata = { title: 'Session' }

type Props = { params: Promise<{ golferId: string; sessionId: string }> }

export default async function SessionPage({ params }: Props) {
  const { golferId, sessionId } = await params
  const golfer = golferOfPage(golferId)
  const [db, nowMs] = dataNow()
  const session = sessionForBay(db, golfer, sessionId, nowMs)
  if (session?.id !== decodeURIComponent(sessionId)) notFound()
  const end = await loadView('sessionView', golfer, session, nowMs)
  if (!end) notFound()
  return <SessionEnd {...end} />
}
