import { dataNow, golferOfPage, single, type SearchParams } from '@/http/golfer-of-page'
import { loadView } from '@/http/workers'
import { notFound } from 'next/navigation'
import { ReadOff } from '@/ui/screens/monitors/read-off'
import { ComparedMonitors } from '@/ui/screens/monitors/compared-monitors'
import { TwoMonitors } from '@/ui/screens/monitors/two-monitors'
import { readOffView } from '@/views/monitors-view'

export const metadata = { title: 'Two monitors' }

type Props = {
  params: Promise<{ golferId: string }>
  searchParams: SearchParams<'first' | 'second' | 'typed' | 'read'>
}

export default async function MonitorsPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const { first, second, typed, read } = await searchParams
  const [db] = dataNow()
  const session = single(read)
  if (session !== undefined) return <ReadOff {...(readOffView(db, golfer, session) ?? notFound())} />
  const view = await loadView('monitorsView', golfer, { first: single(first), second: single(second) })
  return view.chosen && single(typed) === undefined ? (
    <ComparedMonitors {...view} chosen={view.chosen} />
  ) : (
    <TwoMonitors golfer={golfer} compared={view.comparisons.length > 0} />
  )
}
