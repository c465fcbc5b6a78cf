import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { gapsView } from '@/views/gaps-view'
import { Gaps } from '@/ui/screens/gaps/gaps'

export const metadata = { title: 'Gaps' }

export default async function GapsPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = gapsView(db, golfer, nowMs)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <Gaps golfer={golfer} {...view} />
}
