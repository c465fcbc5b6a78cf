import type { Units } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { NoChange } from '@/core/refit/no-change'
import { noChangeSentence } from '@/text/advice'

type Props = {
  items: readonly NoChange[]
  name: (id: ClubId) => string
  units: Units
}

/** What helps without any change of clubs, which is cheapest. */
export function NoChangeCard({ items, name, units }: Props) {
  return (
    <section className="sheet way" aria-label="No change of clubs">
      <h2>No change of clubs</h2>
      {items.map((item) => (
        <p key={item.kind} className="mb-2">
          {noChangeSentence(item, name, units)}
        </p>
      ))}
    </section>
  )
}
