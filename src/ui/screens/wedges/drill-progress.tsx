import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Station } from '@/core/model/station'
import { drillProgress, weakestNumbers, type DrillShot } from '@/core/wedges/drill'
import { day } from '@/text/days'
import { count, len, lenUnit } from '@/text/numbers'
import { flagName } from '@/text/wedges'

const LAST = 5

type Props = {
  golfer: Golfer
  all: DrillShot[]
  name: (clubId: ClubId) => string
  onWant: (stations: Station[]) => void
}

/** The last drills with the distance left, and the weakest numbers, which become the next plan. */
export function DrillProgress({ golfer, all, name, onWant }: Props) {
  const progress = drillProgress(all)
  const [weakest] = weakestNumbers(all)
  if (progress.length === 0) return null
  return (
    <div>
      <ul className="mb-2">
        {progress.slice(-LAST).map(({ drill, atMs, shots, meanLeftM, bias }) => (
          <li key={drill}>
            {day(atMs)}: {count(shots, 'shot')}, <b>{lenUnit(meanLeftM, golfer, 1)}</b> left on average,{' '}
            {len(Math.abs(bias), golfer, 1)} {bias < 0 ? 'short' : 'long'}
          </li>
        ))}
      </ul>
      {weakest && (
        <div className="d-flex gap-2 align-items-center flex-wrap">
          <span>
            Weakest from {len(weakest.from, golfer)} to {len(weakest.to, golfer)}:{' '}
            {lenUnit(weakest.meanLeftM, golfer, 1)} left over {count(weakest.shots, 'shot')}.
          </span>
          <Button size="sm" variant="outline" onClick={() => onWant(weakest.stations)}>
            Plan {weakest.stations.map(({ clubId, swing }) => flagName(name(clubId), swing)).join(', ')}
          </Button>
        </div>
      )}
    </div>
  )
}
