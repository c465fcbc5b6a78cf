import { redirect } from 'next/navigation'
import { dataNow, golferOfPage, type Asked } from '@/http/golfer-of-page'
import { wedgesView } from '@/views/wedges-view'
import { Wedges } from '@/ui/screens/wedges/wedges'

export const metadata = { title: 'Wedges' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Asked<'clubs'> }

export default async function WedgesPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const { clubs } = await searchParams
  const view = wedgesView(db, golfer, nowMs, clubs === 'all') ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Wedges {...view} />
}
