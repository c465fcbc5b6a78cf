import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { stationFlight } from '@/core/wedges/station-flight'
import { flights } from '@/draw/flights'
import { sideName } from '@/text/compare'
import { len, lenUnit } from '@/text/numbers'
import { flightLine } from '@/text/wedges'
import type { CompareRow, SideChoice } from '@/views/compare-view'
import { TrueChart } from '../../shared/drawing/true-chart'
import { measuresOf } from '../../shared/form/measure'

type Props = {
  golfer: Golfer
  row: CompareRow
  title: string
  clubs: readonly OwnedClub[]
  names: [SideChoice | null, SideChoice | null]
}

/** The usual shot of both, from the side and to one scale. */
export function FlightsOver({ golfer, row, title, clubs, names }: Props) {
  const { to: at } = measuresOf(golfer).carry
  const flown = [row.a, row.b].flatMap((stock, i) => {
    const side = names[i]
    const club = stock && clubs.find(({ id }) => id === stock.clubId)
    const flight = stock && club ? stationFlight(stock, undefined, club, 'normal') : null
    return stock && side && flight ? [{ name: sideName(side), stock, flight }] : []
  })
  if (flown.length < 2) return null
  return (
    <section className="sheet over" aria-label="Flights">
      <h2>
        {title} <span className="quiet fw-normal">from the side, to one scale</span>
      </h2>
      <div className="p-3">
        <TrueChart
          chart={flights(
            flown.map(({ name, stock, flight }, i) => ({
              name: `${name}, ${len(stock.carryM, golfer)}`,
              points: flight.path.map(({ alongM, upM }) => ({ along: at(alongM), up: at(upM) })),
              run: at(flight.runM),
              dashed: i === 0,
            })),
            golfer.lengthUnit,
          )}
          says={flown
            .map(
              ({ name, stock, flight }) =>
                `${name}: carries ${lenUnit(stock.carryM, golfer)}, ${flightLine(flight, golfer)}`,
            )
            .join('. ')}
        />
        <p className="quiet mb-0">Rolls are on normal ground.</p>
      </div>
    </section>
  )
}
