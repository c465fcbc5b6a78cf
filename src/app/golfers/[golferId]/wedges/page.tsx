import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { golferOfPage, pageNow, type SearchParams } from '@/http/golfer-of-page'
import { Wedges } from '@/ui/screens/wedges/wedges'

export const metadata = { title: 'Wedges' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'clubs'> }

export default async function WedgesPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { clubs } = await searchParams
  const view =
    (await loadView('wedgesView', golfer, pageNow(), clubs === 'all')) ??
    redirect(`/golfers/${golfer.id}/bag`)
  return <Wedges {...view} />
}
