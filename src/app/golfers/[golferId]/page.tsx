import { copiesIn } from '@/store/copies'
import { dataFolder } from '@/store/data-folder'
import { keptOfGolfer } from '@/views/kept-of-golfer'
import { allGolfers } from '@/store/golfers'
import { deskSettings } from '@/store/visits'
import { DeskWanted } from '@/ui/screens/golfer/desk-wanted'
import { dataNow, golferOfPage } from '@/http/golfer-of-page'
import { GolferData } from '@/ui/screens/golfer/golfer-data'
import { ReferenceAir } from '@/ui/shared/air/reference-air'
import { GolferForm } from '@/ui/screens/golfer/golfer-form'
import { PageHead } from '@/ui/shared/shell/page-head'

export default async function GolferPage({ params }: { params: Promise<{ golferId: string }> }) {
  const golfer = golferOfPage((await params).golferId)
  const [db, nowMs] = dataNow()
  return (
    <>
      <PageHead
        title={golfer.name}
        lede="What Banco takes for granted about this golfer. Numbers everywhere follow the units."
      />
      <div className="golfer-page">
        <div>
          <GolferForm golfer={golfer} />
          <ReferenceAir golfer={golfer} />
        </div>
        <div>
          {allGolfers(db).length === 1 && <DeskWanted {...deskSettings(db)} />}
          <GolferData
            golfer={golfer}
            copies={copiesIn(dataFolder())}
            kept={keptOfGolfer(db, golfer.id)}
            nowMs={nowMs}
          />
        </div>
      </div>
    </>
  )
}
