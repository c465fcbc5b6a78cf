import Table from 'react-bootstrap/Table'
import type { OwnedClub } from '@/core/bag/bag'
import type { DayCard, DayLine, Interval } from '@/core/course/day-card'
import type { Golfer } from '@/core/model/golfer'
import { FULL_SWING, stationKey } from '@/core/model/station'
import { interval, lineNote, ofDayIsOpen } from '@/text/day'
import { EXPECTED, stationName, swingName } from '@/text/names'
import { carryText, len } from '@/text/numbers'

type Props = { golfer: Golfer; clubs: OwnedClub[]; card: DayCard }

/** Every stock as measured and as it is on the day; what is modelled stands in italics behind ≈. */
export function DayTable({ golfer, clubs, card }: Props) {
  // A short swing stands under its own club; where that has no line, it says which club it is.
  const underItsClub = ({ clubId }: DayLine) =>
    card.lines.some((each) => each.clubId === clubId && each.swing === FULL_SWING && each.measured)
  return (
    <section className="sheet day-card" aria-label="The card of the day" tabIndex={0}>
      <Table>
        <thead>
          <tr>
            <th scope="col">Club</th>
            <th scope="col">For the day, {golfer.lengthUnit}</th>
            <th scope="col">Total</th>
            <th scope="col">Measured</th>
            <th scope="col" className="wide-only">
              Note
            </th>
          </tr>
        </thead>
        <tbody className="num">
          {card.lines
            .filter(({ measured }) => measured)
            .map((line) => (
              <tr
                key={stationKey(line)}
                className={line.swing !== FULL_SWING && underItsClub(line) ? 'partial' : ''}
              >
                <th scope="row">
                  <RowName of={line} clubs={clubs} under={underItsClub(line)} />
                </th>
                <td className="carry">
                  <OfDay line={line} card={card} golfer={golfer} />
                </td>
                <td className="total">
                  {line.total && !ofDayIsOpen(line, card) ? (
                    <Modelled of={line.total} golfer={golfer} />
                  ) : (
                    '–'
                  )}
                </td>
                <td className="measured">
                  <Measured of={line.measured} isExpected={line.isExpected} golfer={golfer} />
                </td>
                <td className="quiet fw-normal wide-only">{lineNote(line, golfer)}</td>
              </tr>
            ))}
        </tbody>
      </Table>
      <p className="quiet day-note">
        ± is a 90% interval. Numbers in italics behind ≈ are modelled, those in the other columns measured.
        {card.lines.some(({ measured }) => !measured) &&
          ` Not hit: ${card.lines
            .filter(({ measured, swing }) => !measured && swing === FULL_SWING)
            .map(({ clubId }) => clubs.find(({ id }) => id === clubId)?.name)
            .join(', ')}.`}
      </p>
    </section>
  )
}

function RowName({
  of: { clubId, swing },
  clubs,
  under,
}: {
  of: DayLine
  clubs: OwnedClub[]
  under: boolean
}) {
  const name = clubs.find(({ id }) => id === clubId)?.name ?? ''
  if (swing === FULL_SWING) return name
  if (!under) return stationName(name, swing)
  return (
    <>
      <span className="visually-hidden">{name}, </span>
      {swingName(swing)}
    </>
  )
}

/** The day's number, or why it stays open. */
function OfDay({ line, card, golfer }: { line: DayLine; card: DayCard; golfer: Golfer }) {
  if (line.ofDay) {
    return (
      <span className={line.change?.says === 'changes' ? '' : 'perhaps-nothing'}>
        <Modelled of={line.ofDay} golfer={golfer} />
        <small className="narrow-only">{lineNote(line, golfer)}</small>
      </span>
    )
  }
  return ofDayIsOpen(line, card) ? (
    <small>{lineNote(line, golfer)}</small>
  ) : (
    <Measured of={line.measured} isExpected={line.isExpected} golfer={golfer} />
  )
}

const Modelled = ({ of, golfer }: { of: Interval; golfer: Golfer }) => (
  <>
    <i>≈ {len(of.atM, golfer)}</i> <small>{interval(of, golfer)}</small>
  </>
)

const Measured = ({
  of,
  isExpected,
  golfer,
}: {
  of: Interval | undefined
  isExpected: true | undefined
  golfer: Golfer
}) =>
  of ? (
    <>
      {carryText({ carryM: of.atM, isExpected }, golfer)} <small>{interval(of, golfer)}</small>
      {isExpected && <small> {EXPECTED}</small>}
    </>
  ) : (
    '–'
  )
