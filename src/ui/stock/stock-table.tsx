import Link from 'next/link'
import Table from 'react-bootstrap/Table'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import type { Stock } from '@/core/stock/station-stock'
import { PageHead } from '../shell/page-head'
import { stationName, swingName } from '../words/names'
import { count, fixed, len, lenUnit, plusMinus, side, speed } from '../words/numbers'
import './stock.css'

type Props = { golfer: Golfer; bag: Bag; stocks: Stock[] }

/** Every station with what its solid shots say. */
export function StockTable({ golfer, bag, stocks }: Props) {
  const clubs = new Map(bag.clubs.map((club) => [club.id, club]))
  const hit = stocks.filter((stock) => stock.carryM !== undefined)
  const notHit = stocks.filter((stock) => stock.swing === 'full' && stock.carryM === undefined)
  const home = `/golfers/${golfer.id}`
  if (hit.length === 0) {
    return (
      <>
        <PageHead
          title="No stock yet"
          lede="This table shows how far each club carries, how surely, and from how many shots."
        >
          <Link className="btn btn-primary" href={`${home}/bay`}>
            Hit the first shots
          </Link>
        </PageHead>
      </>
    )
  }
  const shots = hit.reduce((sum, stock) => sum + stock.count, 0)
  const widest = hit.reduce((a, b) => (half(b) > half(a) ? b : a))
  const sayHalf = `${plusMinus(widest.lowM as number, widest.highM as number, golfer)} ${golfer.lengthUnit}`
  return (
    <>
      <PageHead
        title={`${count(hit.length, 'stock')} from ${count(shots, 'solid shot')}`}
        lede={
          <>
            Mean carry of the solid shots of the last 12 months, in the air they were hit in; ± is a 90%
            interval. The least sure is the {stationName(clubs.get(widest.clubId), widest.swing)}, ± {sayHalf}
            .
            {notHit.length > 0 &&
              ` Not hit: ${notHit.map((stock) => clubs.get(stock.clubId)?.name).join(', ')}.`}
          </>
        }
      >
        <Link className="btn btn-primary" href={`${home}/gaps`}>
          See the gaps
        </Link>
      </PageHead>
      <section className="sheet stock-table" tabIndex={0} aria-label="Stock table">
        <Table>
          <thead>
            <tr>
              <th scope="col">Station</th>
              <th scope="col">Carry, {golfer.lengthUnit}</th>
              <th scope="col">±</th>
              <th scope="col">Reach</th>
              <th scope="col">Total</th>
              <th scope="col">Ball, {golfer.speedUnit}</th>
              <th scope="col">Launch</th>
              <th scope="col">Spin</th>
              <th scope="col">Peak</th>
              <th scope="col">Lands</th>
              <th scope="col">Side</th>
              <th scope="col">Solid</th>
              <th scope="col">Left out</th>
            </tr>
          </thead>
          <tbody className="num">
            {stocks.map((stock) => {
              const club = clubs.get(stock.clubId)
              const { averages } = stock
              const lengthOf = (metres: number | undefined) =>
                metres === undefined ? '–' : len(metres, golfer)
              return (
                <tr
                  key={`${stock.clubId} ${stock.swing}`}
                  className={stock.swing === 'full' ? '' : 'partial'}
                >
                  <th scope="row">
                    {stock.swing === 'full' ? (
                      club?.name
                    ) : (
                      <>
                        <span className="visually-hidden">{club?.name}, </span>
                        {swingName(stock.swing)}
                      </>
                    )}{' '}
                    {stock.swing === 'full' && club?.loftDeg != null && (
                      <span className="quiet fw-normal">{club.loftDeg}°</span>
                    )}
                  </th>
                  <td className="carry">
                    {stock.carryM === undefined ? 'not hit' : len(stock.carryM, golfer, 1)}
                  </td>
                  <td title={interval(stock, golfer)}>
                    {stock.lowM === undefined || stock.highM === undefined
                      ? '–'
                      : plusMinus(stock.lowM, stock.highM, golfer)}
                  </td>
                  <td>
                    {stock.reachM
                      ? `${len(stock.reachM[0], golfer)} to ${len(stock.reachM[1], golfer)}`
                      : '–'}
                  </td>
                  <td>{lengthOf(averages.totalM)}</td>
                  <td>{averages.ballSpeedMps === undefined ? '–' : speed(averages.ballSpeedMps, golfer)}</td>
                  <td>{averages.launchDeg === undefined ? '–' : `${fixed(averages.launchDeg, 1)}°`}</td>
                  <td>{averages.spinRpm === undefined ? '–' : fixed(averages.spinRpm, 0)}</td>
                  <td>{lengthOf(averages.peakM)}</td>
                  <td>{averages.landingDeg === undefined ? '–' : `${fixed(averages.landingDeg, 0)}°`}</td>
                  <td>{averages.offlineM === undefined ? '–' : side(averages.offlineM, golfer)}</td>
                  <td>{stock.count}</td>
                  <td>{stock.leftOut.length || ''}</td>
                </tr>
              )
            })}
          </tbody>
        </Table>
      </section>
    </>
  )
}

const half = (stock: Stock): number => ((stock.highM ?? 0) - (stock.lowM ?? 0)) / 2

const interval = (stock: Stock, golfer: Golfer): string | undefined =>
  stock.lowM === undefined || stock.highM === undefined
    ? undefined
    : `between ${len(stock.lowM, golfer, 1)} and ${lenUnit(stock.highM, golfer, 1)}, 90%`
