import type { Golfer } from '@/core/model/golfer'
import { habitOf, type ExpectationFound } from '@/core/stock/expectation'
import { stationName } from '@/text/names'
import { habitWords, tooHopeful } from '@/text/practice'
import { fixed, len } from '@/text/numbers'
import { stationKey } from '@/core/model/station'

type Props = {
  golfer: Golfer
  /** Of this session, and of all the golfer's sessions. */
  here: readonly ExpectationFound[]
  all: readonly ExpectationFound[]
  name: (clubId: string) => string
}

/** What was expected beside what was found, and the habit over the bag. */
export function Expectations({ golfer, here, all, name }: Props) {
  if (here.length === 0) return null
  const habit = habitOf(all)
  return (
    <section className="sheet" aria-label="What you expected">
      <h2>What you expected</h2>
      <ul>
        {here.map(({ clubId, swing, carryM, stockM, tooLongM, share }) => (
          <li key={stationKey({ clubId, swing })}>
            {stationName(name(clubId), swing)}: expected {len(carryM, golfer, 1)}, stock{' '}
            {len(stockM, golfer, 1)}: <b>{tooHopeful(tooLongM, golfer)}</b>
            {Math.abs(share) >= 0.0005 && (
              <span className="quiet"> ({fixed(100 * Math.abs(share), 1)}%)</span>
            )}
          </li>
        ))}
        <li className="quiet">
          {habit
            ? `Your guesses are ${habitWords(habit, golfer)}. Nothing is left out because of it.`
            : 'From three guesses on they show a habit. Nothing is left out because of it.'}
        </li>
      </ul>
    </section>
  )
}
