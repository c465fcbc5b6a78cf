import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, single, type SearchParams } from '@/http/golfer-of-page'
import { CompareScreen } from '@/ui/screens/compare/compare-screen'

export const metadata = { title: 'Compare' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'a' | 'b'> }

export default async function ComparePage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { a, b } = await searchParams
  const view = await loadView('compareView', golfer, { a: single(a), b: single(b) }, pageNow())
  if (!view) redirect(`/golfers/${golfer.id}/bag`)
  return <CompareScreen {...view} />
}
