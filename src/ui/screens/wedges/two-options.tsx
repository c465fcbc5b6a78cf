import { Z90 } from '@/core/math/z90'
import Form from 'react-bootstrap/Form'
import { leftKey, type LeftAbout, type LeftOnPurpose } from '@/core/gaps/kept-as-is'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { SameNumberPair } from '@/core/wedges/pairs'
import type { StationFlight } from '@/core/wedges/station-flight'
import type { WedgeShot } from '@/core/wedges/wedges'
import { flights } from '@/draw/flights'
import { around, len, lenUnit } from '@/text/numbers'
import { flagName, flightLine, goodFor } from '@/text/wedges'
import { TrueChart } from '../../shared/drawing/true-chart'
import { LeaveOnPurpose } from '../gaps/keep-as-is'
import { measuresOf } from '../../shared/form/measure'

type Props = {
  golfer: Golfer
  pairs: SameNumberPair<WedgeShot>[]
  chosen: number
  onChoose: (index: number) => void
  name: (clubId: ClubId) => string
  turf: string
  /** Pairs that the golfer wants so, with the reason. */
  left: readonly LeftOnPurpose[]
}

/** Two ways to one number: their flights over each other to one scale, and what each is good for. */
export function TwoOptions({ golfer, pairs, chosen, onChoose, name, turf, left }: Props) {
  const pair = pairs[chosen]
  if (!pair) return null
  const options = [pair.shorter, pair.longer]
  const about: LeftAbout = { kind: 'pair', stations: [stationOf(pair.shorter), stationOf(pair.longer)] }
  const label = ({ clubId, swing }: WedgeShot) => flagName(name(clubId), swing)
  const { to: at } = measuresOf(golfer).carry
  const flown = options.flatMap((option) => (option.flight ? [{ option, flight: option.flight }] : []))
  return (
    <section className="sheet" aria-label="Two ways">
      <div className="sheet-head d-flex justify-content-between align-items-center gap-2 flex-wrap">
        <h2>One number, two ways</h2>
        {pairs.length > 1 && (
          <Form.Select
            size="sm"
            style={{ width: 'auto' }}
            aria-label="Which two"
            value={chosen}
            onChange={(event) => onChoose(Number(event.target.value))}
          >
            {pairs.map(({ shorter, longer }, i) => (
              <option key={i} value={i}>
                {label(shorter)} and {label(longer)}
              </option>
            ))}
          </Form.Select>
        )}
      </div>
      <div className="p-3 d-grid gap-2">
        <TrueChart
          chart={flights(
            flown.map(({ option, flight }, i) => ({
              name: `${label(option)}, ${len(option.carryM, golfer)}`,
              points: flight.path.map(({ alongM, upM }) => ({ along: at(alongM), up: at(upM) })),
              run: at(flight.runM),
              dashed: i === 1,
            })),
            golfer.lengthUnit,
          )}
          says={`From the side, to one scale. ${flown.map(({ option, flight }) => `${label(option)}: carries ${lenUnit(option.carryM, golfer)}, ${flightLine(flight, golfer)}`).join('. ')}.`}
        />
        {flown.map(({ option, flight }, i) => (
          <p key={i} className="mb-0">
            <b>
              {label(option)}, {len(option.carryM, golfer)} {around(option, golfer)}
            </b>
            : {flightLine(flight, golfer)}; good strikes spread ± {len(Z90 * option.sdM, golfer)}.{' '}
            {flown.length === 2 && goodFor(flight, (flown[1 - i] as { flight: StationFlight }).flight)}
          </p>
        ))}
        <LeaveOnPurpose
          key={leftKey(about)}
          golferId={golfer.id}
          about={about}
          what={`${label(pair.shorter)} and ${label(pair.longer)}`}
          because={left.find((each) => leftKey(each.about) === leftKey(about))?.because}
        />
        <small className="quiet">
          {len(pair.differenceM, golfer, 1)} {golfer.lengthUnit} apart. Rolls are on {turf} ground; ≈ marks an
          estimate.
        </small>
      </div>
    </section>
  )
}

const stationOf = ({ clubId, swing }: WedgeShot) => ({ clubId, swing })
