import { allClubs } from '@/core/bag/bag'
import { useRouter } from 'next/navigation'
import Form from 'react-bootstrap/Form'
import type { Bag } from '@/core/bag/bag'
import { trialBlocks } from '@/core/compare/trial'
import type { Golfer } from '@/core/model/golfer'
import { sameStation, stationKey, type Station } from '@/core/model/station'
import { stationNames } from '@/text/names'
import { writeBlocks } from '../plan/plan-draft'

/** A fair trial of this station against another club with the same swing, or another swing of the same club: one tap plans it. */
export function TryAgainst({ golfer, bag, station }: { golfer: Golfer; bag: Bag; station: Station }) {
  const router = useRouter()
  const clubs = allClubs(bag).filter(({ kind }) => kind !== 'putter')
  const others: Station[] = [
    ...golfer.swings.map((swing) => ({ clubId: station.clubId, swing })),
    ...clubs.map(({ id }) => ({ clubId: id, swing: station.swing })),
  ].filter((each) => !sameStation(each, station))
  const name = stationNames(bag)
  return (
    <Form.Select
      size="sm"
      className="try-against"
      aria-label={`Try the ${name(station)} against another`}
      value=""
      onChange={({ target }) => {
        const other = others.find((each) => stationKey(each) === target.value)
        if (other) router.push(`/golfers/${golfer.id}/bay?hit=${writeBlocks(trialBlocks(station, other))}`)
      }}
    >
      <option value="">Try it against … (A B B A, 12 shots)</option>
      {others.map((each) => (
        <option key={stationKey(each)} value={stationKey(each)}>
          {name(each)}
        </option>
      ))}
    </Form.Select>
  )
}
