import { redirect } from 'next/navigation'
import { courseView, golferOfPage } from '@/http/gather'
import { Course } from '@/ui/screens/course/course'

export const metadata = { title: 'Course' }

export default async function CoursePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = courseView(golfer) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Course {...view} />
}
