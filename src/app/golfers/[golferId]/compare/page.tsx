import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, said, type Asked } from '@/http/golfer-of-page'
import { compareView } from '@/views/compare-view'
import { CompareBench } from '@/ui/screens/compare/compare-bench'

export const metadata = { title: 'Compare' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'a' | 'b'> }

export default async function ComparePage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { a, b } = await searchParams
  const [db, nowMs] = dataNow()
  const view = compareView(db, golfer, { a: said(a), b: said(b) }, nowMs)
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <CompareBench {...view} />
}
