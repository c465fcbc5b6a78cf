import { loadView } from '@/http/workers'
import { golferOfPage, type SearchParams } from '@/http/golfer-of-page'
import { Log } from '@/ui/screens/log/log'

export const metadata = { title: 'Log' }

const MOST = 1e6

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'after'> }

export default async function LogPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const after = Math.min(MOST, Math.max(0, Math.floor(Number((await searchParams).after)) || 0))
  return <Log {...await loadView('logView', golfer, after)} />
}
