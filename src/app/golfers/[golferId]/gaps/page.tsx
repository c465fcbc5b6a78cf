import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow } from '@/http/golfer-of-page'
import { Gaps } from '@/ui/screens/gaps/gaps'

export const metadata = { title: 'Gaps' }

export default async function GapsPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = await loadView('gapsView', golfer, pageNow())
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <Gaps golfer={golfer} {...view} />
}
