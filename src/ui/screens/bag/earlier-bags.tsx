import Link from 'next/link'
import type { GolferId } from '@/core/model/ids'
import { day } from '@/text/days'
import { listed } from '@/text/numbers'
import type { BagMoment } from '@/views/bag-as-it-was'

/** The moments at which the bag became another; each opens the bag as it was until then. */
export function EarlierBags({ golferId, moments }: { golferId: GolferId; moments: BagMoment[] }) {
  if (moments.length === 0) return null
  return (
    <section className="sheet" aria-label="Earlier bags">
      <h2>Earlier bags</h2>
      <ul className="earlier">
        {moments.map(({ untilMs, clubs, changed }) => (
          <li key={untilMs}>
            <Link href={`/golfers/${golferId}/bag?until=${untilMs}`}>As it was until {day(untilMs)}</Link>{' '}
            <span className="quiet">{listed([...clubs, ...changed.map((name) => `${name} changed`)])}</span>
          </li>
        ))}
      </ul>
    </section>
  )
}
