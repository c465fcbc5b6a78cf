import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, pageNow, said, type Asked } from '@/http/golfer-of-page'
import { CompareBench } from '@/ui/screens/compare/compare-bench'

export const metadata = { title: 'Compare' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'a' | 'b'> }

export default async function ComparePage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { a, b } = await searchParams
  const view = await viewBeside('compareView', golfer, { a: said(a), b: said(b) }, pageNow())
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <CompareBench {...view} />
}
