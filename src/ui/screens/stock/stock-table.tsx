'use client'

import Link from 'next/link'
import { Fragment, useState, type ReactNode } from 'react'
import Table from 'react-bootstrap/Table'
import type { BagAnalysis } from '@/core/analyse-bag'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/golfer'
import { isHit, type Stock } from '@/core/stock/stock'
import type { BesideStock } from './beside-stock'
import { AirAsked } from '../../shared/air/air-asked'
import { AirChoice } from '../../shared/air/air-choice'
import { StockRuleChoice } from '../gaps/schools'
import { PrintTitle } from '../../shared/shell/print-title'
import { PageHead } from '../../shared/shell/page-head'
import { Warnings } from '../../shared/shell/warnings'
import { ordinaryRun, type OrdinaryRun } from '@/core/flight/station-run'
import { AS_HIT } from '@/text/day'
import { RUN_FROM, STAR_NOTE } from '@/text/run'
import { statedAir } from '@/text/set-up'
import { clubNames, RULE_NAME, stationName, swingName } from '@/text/names'
import { around, aroundCell, count, fixed, len, lenUnit, side, speed } from '@/text/numbers'
import type { StockView } from '@/views/stock-view'
import { OpenSetUps } from './open-set-ups'
import { StationDetails } from './station-details'
import './stock.css'
import { FULL_SWING, atStation, stationKey } from '@/core/station'

/** Every station with what its solid shots say; a station opens to the shots behind it. */
export function StockTable({ golfer, bag, analysis, shots, setUps, airs, beside, nowMs }: StockView) {
  const { stocks, warnings } = analysis
  const [opened, setOpened] = useState<string | null>(null)
  const clubs = new Map(bag.clubs.map((club) => [club.id, club]))
  const name = clubNames(bag)
  const hit = stocks.filter(isHit)
  const besideOf = ({ clubId, swing }: Stock) => atStation(beside, { clubId, swing })
  const without = stocks.filter((stock) => stock.swing === FULL_SWING && !isHit(stock))
  const lastYear = without.filter((stock) => besideOf(stock)?.old)
  const notHit = without.filter((stock) => !besideOf(stock)?.old)
  const onCourse = beside.reduce((sum, each) => sum + each.onCourse, 0)
  const home = `/golfers/${golfer.id}`
  if (hit.length === 0) {
    return (
      <PageHead
        title="No stock yet"
        lede="This table shows how far each club carries, how surely, and from how many shots."
      >
        <Link className="btn btn-primary" href={`${home}/bay`}>
          Hit the first shots
        </Link>
      </PageHead>
    )
  }
  const solid = hit.reduce((sum, stock) => sum + stock.count, 0)
  const leftOut = stocks.reduce((sum, stock) => sum + stock.leftOut.length, 0)
  const asHit = stocks.reduce((sum, { inAir }) => sum + (inAir?.asHit ?? 0), 0)
  const columns = COLUMNS.filter(({ has }) => !has || stocks.some(has))
  const filled = stocks.some(({ modelled }) => modelled)
  const widest = hit.reduce((a, b) => (half(b) > half(a) ? b : a))
  return (
    <>
      <PrintTitle golfer={golfer} bag={bag} stocks={analysis.stocks} what="Stock" />
      <PageHead
        title={`${count(hit.length, 'stock')} from ${count(solid, 'solid shot')}`}
        lede={
          <>
            Carry by the {RULE_NAME[golfer.stockRule]} of the last 12 months,{' '}
            {golfer.compareIn === 'reference' ? statedAir(golfer) : 'in the air they were hit in'}; ± is a 90%
            interval. {asHit > 0 && `${count(asHit, 'solid shot')} stay as hit: see the rows. `}
            {leftOut > 0 && `${count(leftOut, 'shot')} left out: open a station to see why. `}
            The least sure is the {stationName(clubs.get(widest.clubId), widest.swing)},{' '}
            {around(widest, golfer)} {golfer.lengthUnit}.
            {notHit.length > 0 &&
              ` Not hit: ${notHit.map((stock) => clubs.get(stock.clubId)?.name).join(', ')}.`}
            {lastYear.length > 0 &&
              ` Last year, and in no stock any more: ${lastYear.map((stock) => clubs.get(stock.clubId)?.name).join(', ')}.`}
            {onCourse > 0 && ` ${count(onCourse, 'shot')} hit on the course: kept beside, in no stock.`}
          </>
        }
        choices={
          <>
            <StockRuleChoice golfer={golfer} />
            <AirChoice golfer={golfer} />
          </>
        }
      >
        <Link className="btn btn-outline" href={`${home}/paper`}>
          Card and report
        </Link>
        <Link className="btn btn-primary" href={`${home}/gaps`}>
          See the gaps
        </Link>
      </PageHead>
      <Warnings warnings={warnings} units={golfer} name={name} />
      <section className="sheet stock-table" tabIndex={0} aria-label="Stock table">
        <Table>
          <thead>
            <tr>
              {['Station', `Carry, ${golfer.lengthUnit}`, ...columns.map(({ title }) => title(golfer))].map(
                (title) => (
                  <th key={title} scope="col">
                    {title}
                  </th>
                ),
              )}
            </tr>
          </thead>
          <tbody className="num">
            {stocks.map((stock) => {
              const key = stationKey(stock)
              return (
                <Fragment key={key}>
                  <StockRow
                    golfer={golfer}
                    stock={stock}
                    columns={columns}
                    club={clubs.get(stock.clubId)}
                    beside={besideOf(stock)}
                    opened={opened === key}
                    onOpen={() => setOpened(opened === key ? null : key)}
                  />
                  {opened === key && (
                    <tr className="opened">
                      <td colSpan={columns.length + 2}>
                        <StationDetails
                          golfer={golfer}
                          title={stationName(clubs.get(stock.clubId), stock.swing)}
                          stock={stock}
                          shots={shots.filter(
                            ({ clubId, swing }) => clubId === stock.clubId && swing === stock.swing,
                          )}
                          name={name}
                          beside={besideOf(stock)}
                          nowMs={nowMs}
                        />
                      </td>
                    </tr>
                  )}
                </Fragment>
              )
            })}
          </tbody>
        </Table>
      </section>
      {stocks.some(({ run }) => run?.from === 'monitor') && <p className="quiet filled">{STAR_NOTE}</p>}
      {filled && (
        <p className="quiet filled">
          Numbers in italics behind ≈ were not measured: a model of the flight fills them from ball speed,
          launch and spin, on normal ground (± 10% of peak, 3° of landing, 35% of run).
        </p>
      )}
      <AirAsked key={airs.map(({ id }) => id).join()} golfer={golfer} of={airs} />
      <OpenSetUps golfer={golfer} of={setUps} />
    </>
  )
}

type RowStock = BagAnalysis['stocks'][number]
type Column = {
  title: (golfer: Golfer) => string
  cell: (stock: RowStock, golfer: Golfer) => ReactNode
  /** A column that no stock has anything for is left out: typed shots have few numbers. Absent: always there. */
  has?: (stock: RowStock) => boolean
}

/** A number of a stock's run, marked where no ball's total said it. */
function ofRun(stock: RowStock, text: (run: OrdinaryRun) => string): ReactNode {
  const run = ordinaryRun(stock)
  if (!run) return ''
  if (run.from === 'modelled') return <i>≈ {text(run)}</i>
  return run.from === 'monitor' ? <span title={RUN_FROM.monitor}>{text(run)}*</span> : text(run)
}

/** What the table says of a stock behind its carry, in order. */
const COLUMNS: Column[] = [
  { title: () => '±', cell: (stock, golfer) => (stock.byHand ? '' : aroundCell(stock, golfer)) },
  {
    title: () => 'Reach',
    cell: ({ reachM }, golfer) => (reachM ? `${len(reachM[0], golfer)} to ${len(reachM[1], golfer)}` : ''),
  },
  {
    title: () => 'Run',
    has: (stock) => ordinaryRun(stock) !== null,
    cell: (stock, golfer) => ofRun(stock, ({ runM }) => len(runM, golfer)),
  },
  {
    title: () => 'Total',
    has: (stock) => ordinaryRun(stock) !== null,
    cell: (stock, golfer) => ofRun(stock, ({ totalM }) => len(totalM, golfer)),
  },
  {
    title: ({ speedUnit }) => `Ball, ${speedUnit}`,
    has: ({ averages }) => averages.ballSpeedMps !== undefined,
    cell: ({ averages: { ballSpeedMps } }, golfer) =>
      ballSpeedMps === undefined ? '' : speed(ballSpeedMps, golfer),
  },
  {
    title: () => 'Launch',
    has: ({ averages }) => averages.launchDeg !== undefined,
    cell: ({ averages: { launchDeg } }) => (launchDeg === undefined ? '' : `${fixed(launchDeg, 1)}°`),
  },
  {
    title: () => 'Spin',
    has: ({ averages }) => averages.spinRpm !== undefined,
    cell: ({ averages: { spinRpm } }) => (spinRpm === undefined ? '' : fixed(spinRpm, 0)),
  },
  {
    title: () => 'Peak',
    has: ({ averages, modelled }) => averages.peakM !== undefined || modelled?.peakM !== undefined,
    cell: ({ averages, modelled }, golfer) => (
      <Filled measured={averages.peakM} modelled={modelled?.peakM} text={(x) => len(x, golfer)} />
    ),
  },
  {
    title: () => 'Lands',
    has: ({ averages, modelled }) => averages.landingDeg !== undefined || modelled?.landingDeg !== undefined,
    cell: ({ averages, modelled }) => (
      <Filled
        measured={averages.landingDeg}
        modelled={modelled?.landingDeg}
        text={(value) => `${fixed(value, 0)}°`}
      />
    ),
  },
  {
    title: () => 'Side',
    has: ({ averages }) => averages.offlineM !== undefined,
    cell: ({ averages: { offlineM } }, golfer) => (offlineM === undefined ? '' : side(offlineM, golfer)),
  },
  {
    title: () => 'Solid',
    cell: (stock) => (
      <>
        {stock.count || ''}
        {(stock.conditions?.counted ?? 0) > 0 && <small className="quiet"> wind</small>}
        {(stock.inAir?.asHit ?? 0) > 0 && (
          <small className="quiet" title={stock.inAir?.because.map((each) => AS_HIT[each]).join('; ')}>
            {' '}
            {stock.inAir?.asHit} as hit
          </small>
        )}
      </>
    ),
  },
  {
    title: () => 'Left out',
    has: ({ leftOut }) => leftOut.length > 0,
    cell: ({ leftOut }) => leftOut.length || '',
  },
]

type RowProps = {
  golfer: Golfer
  stock: RowStock
  columns: Column[]
  club: OwnedClub | undefined
  beside: BesideStock | undefined
  opened: boolean
  onOpen: () => void
}

function StockRow({ golfer, stock, columns, club, beside, opened, onOpen }: RowProps) {
  const partial = stock.swing !== FULL_SWING
  return (
    <tr className={partial ? 'partial' : ''}>
      <th scope="row">
        <button type="button" className="open-station" aria-expanded={opened} onClick={onOpen}>
          {partial ? (
            <>
              <span className="visually-hidden">{club?.name}, </span>
              {swingName(stock.swing)}
            </>
          ) : (
            club?.name
          )}{' '}
          {!partial && club?.loftDeg != null && <span className="quiet fw-normal">{club.loftDeg}°</span>}
        </button>
      </th>
      <td className="carry">
        {stock.byHand ? (
          <>
            {len(stock.byHand.carryM, golfer, 1)}
            <small className="by-hand">by hand: {stock.byHand.because}</small>
            {stock.carryM !== undefined && (
              <small className="by-hand">
                measured {len(stock.carryM, golfer, 1)} {around(stock, golfer)}
              </small>
            )}
          </>
        ) : stock.carryM === undefined ? (
          <span className="quiet fw-normal">
            {beside?.old ? `last year, ${count(beside.old.shots, 'shot')}` : 'not hit'}
          </span>
        ) : (
          len(stock.carryM, golfer, 1)
        )}
      </td>
      {columns.map((column) => (
        <td key={column.title(golfer)} title={column === COLUMNS[0] ? interval(stock, golfer) : undefined}>
          {column.cell(stock, golfer)}
        </td>
      ))}
    </tr>
  )
}

/** A measured number, else a modelled one that shows that it is. */
function Filled({
  measured,
  modelled,
  text,
}: {
  measured: number | undefined
  modelled: number | undefined
  text: (value: number) => string
}) {
  if (measured !== undefined) return text(measured)
  return modelled === undefined ? '' : <i>≈ {text(modelled)}</i>
}

const half = (stock: Stock): number => (isHit(stock) ? (stock.highM - stock.lowM) / 2 : 0)

const interval = (stock: Stock, golfer: Golfer): string | undefined =>
  isHit(stock)
    ? `between ${len(stock.lowM, golfer, 1)} and ${lenUnit(stock.highM, golfer, 1)}, 90%`
    : undefined
