import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { courseView } from '@/views/course-view'
import { Course } from '@/ui/screens/course/course'

export const metadata = { title: 'Course' }

export default async function CoursePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = courseView(db, golfer, nowMs) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Course {...view} />
}
