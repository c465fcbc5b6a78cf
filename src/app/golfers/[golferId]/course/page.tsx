import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow } from '@/http/golfer-of-page'
import { Course } from '@/ui/screens/course/course'

export const metadata = { title: 'Course' }

export default async function CoursePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = (await loadView('courseView', golfer, pageNow())) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Course {...view} />
}
