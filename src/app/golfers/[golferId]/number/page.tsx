import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow } from '@/http/golfer-of-page'
import { CourseNumber } from '@/ui/screens/number/number'

export const metadata = { title: 'A number' }

export default async function NumberPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = (await loadView('numberView', golfer, pageNow())) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <CourseNumber {...view} />
}
