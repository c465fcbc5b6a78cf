import type { Units } from '@/core/golfer'
import type { ClubId, GolferId } from '@/core/ids'
import type { NoChange } from '@/core/refit/no-change'
import { noChangeSentence } from '@/text/advice'
import { HitThese } from '../gaps/hit-these'

type Props = {
  golferId: GolferId
  items: readonly NoChange[]
  name: (id: ClubId) => string
  units: Units
}

/** What helps without any change of clubs: the cheapest way. */
export function NoChangeCard({ golferId, items, name, units }: Props) {
  return (
    <section className="sheet way" aria-label="No change of clubs">
      <h2>No change of clubs</h2>
      {items.map((item) => (
        <div key={item.kind}>
          <p className="mb-2">{noChangeSentence(item, name, units)}</p>
          {item.kind === 'retest' && <HitThese golferId={golferId} blocks={item.shots} />}
        </div>
      ))}
    </section>
  )
}
