import { redirect } from 'next/navigation'
import { viewBeside } from '@/http/beside'
import { golferOfPage, pageNow, type Asked } from '@/http/golfer-of-page'
import { Wedges } from '@/ui/screens/wedges/wedges'

export const metadata = { title: 'Wedges' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'clubs'> }

export default async function WedgesPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { clubs } = await searchParams
  const view =
    (await viewBeside('wedgesView', golfer, pageNow(), clubs === 'all')) ??
    redirect(`/golfers/${golfer.id}/bag`)
  return <Wedges {...view} />
}
