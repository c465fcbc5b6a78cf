import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { refitView } from '@/views/refit-view'
import { RefitBench } from '@/ui/screens/refit/refit-bench'

export const metadata = { title: 'Refit' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'for'> }

export default async function RefitPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const view = refitView(db, golfer, nowMs)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <RefitBench golfer={golfer} {...view} asked={said((await searchParams).for)} />
}
