import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { refitView } from '@/views/refit-view'
import { RefitBench } from '@/ui/screens/refit/refit-bench'

export const metadata = { title: 'Refit' }

export default async function RefitPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = refitView(db, golfer, nowMs)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <RefitBench golfer={golfer} {...view} />
}
