import { redirect } from 'next/navigation'
import { bayStart, bayView, golferOfPage, sessionForBay } from '@/http/gather'
import { bagOf } from '@/store/bags'
import { theDatabase } from '@/store/database'
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
  const db = theDatabase()
  if (!bagOf(db, golfer.id)) redirect(`/golfers/${golfer.id}/bag`)
  const session = sessionForBay(golfer, asked)
  const first = session && bayView(golfer, session)
  if (!first) {
    const waiting = waitingSessions(db).map(({ id, shots }) => ({ id, shots }))
    const start = bayStart(golfer) ?? redirect(`/golfers/${golfer.id}/bag`)
    const proposed = typeof hit === 'string' ? readBlocks(hit, start.bag) : []
    return <BayStart key={hit} {...start} waiting={waiting} proposed={proposed} />
  }
  return <Bay key={first.session.id} first={first} />
}
