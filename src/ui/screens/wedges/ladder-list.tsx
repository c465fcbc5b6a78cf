import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Rung } from '@/core/wedges/ladder'
import { fixed, lenUnit } from '@/text/numbers'

type Props = { golfer: Golfer; rungs: Rung[]; name: (clubId: ClubId) => string }

/** The full swings of the wedges from rung to rung, by loft and by carry. */
export function LadderList({ golfer, rungs, name }: Props) {
  if (rungs.length === 0) return null
  return (
    <section className="sheet" aria-label="Ladder">
      <h2>Ladder</h2>
      <ul className="ladder">
        {rungs.map(({ longerId, shorterId, differenceM, loftDifferenceDeg, between }) => (
          <li key={longerId}>
            {name(longerId)} to {name(shorterId)}: <b>{lenUnit(differenceM, golfer, 1)}</b>
            {loftDifferenceDeg !== undefined && ` over ${fixed(loftDifferenceDeg, 1)}°`}.
            {between && (
              <>
                {' '}
                Of the same model, {fixed(between.loftDeg, 1)}° would carry ≈{' '}
                {lenUnit(between.carryM, golfer)}; another model: measure it.
              </>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
