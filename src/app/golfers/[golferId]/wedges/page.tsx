import { redirect } from 'next/navigation'
import { golferOfPage, wedgesView } from '@/http/gather'
import { Wedges } from '@/ui/screens/wedges/wedges'

export const metadata = { title: 'Wedges' }

type Props = { params: Promise<{ golferId: string }>; searchParams: Promise<{ clubs?: string }> }

export default async function WedgesPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { clubs } = await searchParams
  const view = wedgesView(golfer, clubs === 'all') ?? redirect(`/golfers/${golfer.id}/bag`)
  return <Wedges {...view} />
}
