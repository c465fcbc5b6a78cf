import { loadView } from '@/http/workers'
import { dataNow, golferOfPage, single, type SearchParams } from '@/http/golfer-of-page'
import { bagOf } from '@/store/bags'
import { ClubNames } from '@/ui/screens/bag/club-names'
import { BagAsItWas } from '@/ui/screens/bag/bag-as-it-was'
import { BagScreen } from '@/ui/screens/bag/bag-screen'
import { ChooseTemplate } from '@/ui/screens/bag/choose-template'
import { bagMoments } from '@/views/bag-as-it-was'
import { PageHead } from '@/ui/shared/shell/page-head'

export const metadata = { title: 'Bag' }

type Props = { params: Promise<{ golferId: string }>; searchParams: SearchParams<'until'> }

export default async function BagPage({ params, searchParams }: Props) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  const untilMs = Number(single((await searchParams).until))
  const then = untilMs > 0 && untilMs <= nowMs ? await loadView('bagAsItWas', golfer, untilMs) : null
  if (then) return <BagAsItWas golfer={golfer} untilMs={untilMs} {...then} />
  const bag = bagOf(db, golfer.id)
  if (bag)
    return (
      <>
        <BagScreen golferId={golfer.id} bag={bag} moments={bagMoments(db, golfer)} />
        <ClubNames golferId={golfer.id} bag={bag} names={await loadView('knownLabels', golfer.id)} />
      </>
    )
  return (
    <>
      <PageHead
        title="Choose a bag to start with"
        lede="Lofts are typical ones. Change names and lofts, add clubs and take others out at any time."
      />
      <ChooseTemplate golfer={golfer} />
    </>
  )
}
