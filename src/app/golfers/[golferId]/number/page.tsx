import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { CourseNumber } from '@/ui/screens/number/number'
import { numberView } from '@/views/number-view'

export const metadata = { title: 'A number' }

export default async function NumberPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = numberView(db, golfer, nowMs) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <CourseNumber {...view} />
}
