import Link from 'next/link'
import type { Golfer } from '@/core/model/golfer'
import { dayAndTime } from '@/text/days'
import { count } from '@/text/numbers'
import type { OpenSetUp } from '@/views/set-ups-behind'
import { caveatSentence } from '@/text/set-up'

/** What was skipped or not as it should be when the shots behind the stocks were hit. */
export function OpenSetUps({ golfer, of }: { golfer: Golfer; of: readonly OpenSetUp[] }) {
  if (of.length === 0) return null
  return (
    <details className="sheet open-set-ups">
      <summary>Conditions are missing for {count(of.length, 'session')}</summary>
      <ul>
        {of.map(({ id, startedMs, offsetMin, caveats }) => (
          <li key={id}>
            <Link href={`/golfers/${golfer.id}/sessions/${encodeURIComponent(id)}`}>
              {dayAndTime(startedMs, offsetMin)}
            </Link>
            : {caveats.map((caveat) => caveatSentence(caveat, golfer)).join('; ')}.
          </li>
        ))}
      </ul>
    </details>
  )
}
