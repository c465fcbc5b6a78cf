import { redirect } from 'next/navigation'
import { courseView, golferOfPage } from '@/app/server/gather'
import { Course } from '@/ui/course/course'

export const metadata = { title: 'Course' }

export default async function CoursePage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const view = courseView(golfer) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Course {...view} />
}
