import { redirect } from 'next/navigation'
import { loadView } from '@/http/workers'
import { dataNow, golferOfPage, type SearchParams } from '@/http/golfer-of-page'
import { plainCardUntil } from '@/views/competition'
import { PaperScreen } from '@/ui/screens/paper/paper-screen'

export const metadata = { title: 'Card and report' }

export default async function PaperPage({
  params,
  searchParams,
}: {
  params: Promise<{ golferId: string }>
  searchParams: SearchParams<'card'>
}) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const plain = plainCardUntil(db, golfer.id, nowMs) !== null
  const kind = !plain && (await searchParams).card === 'day' ? 'day' : 'card'
  const data = (await loadView('cardView', golfer, nowMs, kind)) ?? redirect(`/golfers/${golfer.id}/bag`)
  return <PaperScreen golfer={golfer} data={data} kind={kind} />
}
