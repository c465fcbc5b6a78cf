import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { practiceView } from '@/views/practice-view'
import { Practice } from '@/ui/screens/practice/practice'

export const metadata = { title: 'What to practise' }

export default async function PracticePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = practiceView(db, golfer, nowMs)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <Practice {...view} />
}
