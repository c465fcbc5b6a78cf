import { golferOfPage, pageDatabase } from '@/http/golfer-of-page'
import { bagOf } from '@/store/bags'
import { knownLabels } from '@/store/club-labels'
import { ClubNames } from '@/ui/screens/bag/club-names'
import { BagBench } from '@/ui/screens/bag/bag-bench'
import { ChooseTemplate } from '@/ui/screens/bag/choose-template'
import { PageHead } from '@/ui/shared/shell/page-head'

export const metadata = { title: 'Bag' }

export default async function BagPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const bag = bagOf(pageDatabase(), golfer.id)
  if (bag)
    return (
      <>
        <BagBench golferId={golfer.id} bag={bag} />
        <ClubNames golferId={golfer.id} bag={bag} names={knownLabels(pageDatabase(), golfer.id)} />
      </>
    )
  return (
    <>
      <PageHead
        title="Choose a bag to start with"
        lede="Lofts are typical ones. Change names and lofts, add clubs and put others on the rack at any time."
      />
      <ChooseTemplate golferId={golfer.id} />
    </>
  )
}
