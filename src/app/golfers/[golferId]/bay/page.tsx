import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { dataNow, golferOfPage, scopeOfPage, single, type SearchParams } from '@/http/golfer-of-page'
import { ofOneGolfer, sessionForBay, type BayView } from '@/views/bay-view'
import { bagOf } from '@/store/bags'
import { waitingSessions } from '@/store/sessions'
import { Bay } from '@/ui/screens/bay/bay'
import { readBlocks } from '@/ui/screens/plan/plan-draft'
import { BayStart } from '@/ui/screens/bay/bay-start'

export const metadata = { title: 'Bay' }

type Props = {
  params: Promise<{ golferId: string }>
  searchParams: SearchParams<'session' | 'hit'>
}

export default async function BayPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const query = await searchParams
  const hit = single(query.hit)
  const [db, nowMs] = dataNow()
  if (!bagOf(db, golfer.id)) redirect(`/golfers/${golfer.id}/bag`)
  const session = sessionForBay(db, golfer, single(query.session), nowMs)
  const json = session && (await loadView('bayJson', session.id, nowMs))
  const first = json && (JSON.parse(json) as BayView)
  const alone = (await scopeOfPage()).kind === 'bay'
  if (!first) {
    // Shots that nobody has claimed may be another golfer's.
    const waiting = (alone ? [] : waitingSessions(db)).map(({ id, shots }) => ({ id, shots }))
    const start = (await loadView('bayStartView', golfer, nowMs)) ?? redirect(`/golfers/${golfer.id}/bag`)
    const proposed = hit ? readBlocks(hit, start.bag) : []
    return <BayStart key={hit} {...start} waiting={waiting} proposed={proposed} />
  }
  return <Bay key={first.session.id} first={alone ? ofOneGolfer(first) : first} />
}
