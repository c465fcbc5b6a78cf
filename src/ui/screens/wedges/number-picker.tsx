import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { farOf, NEAR_M, type Far, type ForNumber } from '@/core/wedges/for-number'
import type { WedgeShot } from '@/core/wedges/wedges'
import { chance, len, lenUnit } from '@/text/numbers'
import { fillSentence, flagName, flightLine } from '@/text/wedges'
import { atStation, stationKey } from '@/core/model/station'

type Props = {
  golfer: Golfer
  leftM: number
  by: Far
  onBy: (by: Far) => void
  found: ForNumber
  shots: WedgeShot[]
  name: (clubId: ClubId) => string
}

/** What to hit with so far to go: best first, each with the chance to carry, or to finish, within 5 yd of it. */
export function NumberPicker({ golfer, leftM, by, onBy, found, shots, name }: Props) {
  const { choices, nearest } = found
  const flightOf = ({ clubId, swing }: { clubId: ClubId; swing: string }) =>
    atStation(shots, { clubId, swing })?.flight
  return (
    <section className="sheet" aria-label="I have a number">
      <h2>
        {lenUnit(leftM, golfer)}:{' '}
        {choices.length === 0
          ? `no shot of yours ${by === 'carry' ? 'carries so far' : 'finishes there'}`
          : nearest
            ? 'nothing close'
            : flagName(name((choices[0] as { clubId: ClubId }).clubId), choices[0]?.swing ?? 'full')}
      </h2>
      <div className="p-3 d-grid gap-2">
        <Form.Check
          type="switch"
          id="to-where-it-rests"
          label="total, with roll"
          checked={by === 'finish'}
          onChange={({ target }) => onBy(target.checked ? 'finish' : 'carry')}
        />
        {choices.length > 0 && (
          <ol className="number-choices">
            {choices.slice(0, 5).map((choice) => {
              const flight = flightOf(choice)
              return (
                <li key={stationKey(choice)}>
                  <b>{flagName(name(choice.clubId), choice.swing)}</b>{' '}
                  {by === 'carry' ? 'carries' : 'finishes at'}{' '}
                  <span className="num">{len(farOf(choice, by), golfer)}</span>: within {len(NEAR_M, golfer)}{' '}
                  {golfer.lengthUnit} of it {chance(choice.chance)} of the time
                  {flight && <small className="quiet">{flightLine(flight, golfer)}</small>}
                </li>
              )
            })}
          </ol>
        )}
        {nearest && (
          <>
            <p className="mb-0">
              Nearest{' '}
              {nearest.below
                ? `below: the ${flagName(name(nearest.below.clubId), nearest.below.swing)} at ${len(farOf(nearest.below, by), golfer)}`
                : 'below: none'}
              ;{' '}
              {nearest.above
                ? `above: the ${flagName(name(nearest.above.clubId), nearest.above.swing)} at ${len(farOf(nearest.above, by), golfer)}`
                : 'above: none here'}
              .
            </p>
            {nearest.fills.length > 0 && (
              <>
                <b>What would fill it</b>
                <ul className="mb-0">
                  {nearest.fills.map((fill, i) => (
                    <li key={i}>{fillSentence(fill, name, golfer)}</li>
                  ))}
                </ul>
              </>
            )}
          </>
        )}
      </div>
    </section>
  )
}
