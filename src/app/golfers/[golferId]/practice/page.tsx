import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow } from '@/http/golfer-of-page'
import { Practice } from '@/ui/screens/practice/practice'

export const metadata = { title: 'What to practise' }

export default async function PracticePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = await loadView('practiceView', golfer, pageNow())
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <Practice {...view} />
}
