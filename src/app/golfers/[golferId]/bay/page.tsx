import { redirect } from 'next/navigation'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { bayStartView, bayView, sessionForBay } from '@/views/bay-view'
import { bagOf } from '@/store/bags'
import { waitingSessions } from '@/store/sessions'
import { Bay } from '@/ui/screens/bay/bay'
import { readBlocks } from '@/ui/screens/plan/plan-draft'
import { BayStart } from '@/ui/screens/bay/bay-start'

export const metadata = { title: 'Bay' }

type Props = {
  params: Promise<{ golferId: string }>
  searchParams: Promise<{ session?: string; hit?: string }>
}

export default async function BayPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { session: asked, hit } = await searchParams
  const [db, nowMs] = dataNow()
  if (!bagOf(db, golfer.id)) redirect(`/golfers/${golfer.id}/bag`)
  const session = sessionForBay(db, golfer, asked, nowMs)
  const first = session && bayView(db, golfer, session, nowMs)
  if (!first) {
    const waiting = waitingSessions(db).map(({ id, shots }) => ({ id, shots }))
    const start = bayStartView(db, golfer, nowMs) ?? redirect(`/golfers/${golfer.id}/bag`)
    const proposed = typeof hit === 'string' ? readBlocks(hit, start.bag) : []
    return <BayStart key={hit} {...start} waiting={waiting} proposed={proposed} />
  }
  return <Bay key={first.session.id} first={first} />
}
