'use client'

import Link from 'next/link'
import { Fragment, useState } from 'react'
import Table from 'react-bootstrap/Table'
import type { OwnedClub } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { improvesGaps } from '@/core/gaps/beyond-shots'
import { isHit, type Stock } from '@/core/stock/stock'
import type { ReferenceStock } from './reference-stock'
import { AskForAir } from '../../shared/air/ask-for-air'
import { AirChoice } from '../../shared/air/air-choice'
import { StockRuleChoice } from '../gaps/rules'
import { PrintTitle } from '../../shared/shell/print-title'
import { RecommendationLines } from '../../shared/shell/recommendation-lines'
import { NoShotsYet } from '../../shared/shell/no-shots-yet'
import { PageHead } from '../../shared/shell/page-head'
import { Warnings } from '../../shared/shell/warnings'
import { MODELLED_NOTE, STAR_NOTE } from '@/text/run'
import { STOCK_COLUMNS, type StockColumn } from '@/text/stock-columns'
import { statedAir } from '@/text/set-up'
import { clubNames, OFF_SURFACE, RULE_NAME, stationName, swingName } from '@/text/names'
import { around, count, len } from '@/text/numbers'
import { oddSentence } from '@/text/reasons'
import { day } from '@/text/days'
import type { OldStation } from '@/core/stock/age'
import type { ChangeSeen } from '@/views/changed-clubs'
import type { StockView } from '@/views/stock-view'
import { GrownOld } from './grown-old'
import { MatAndGrass } from './mat-and-grass'
import { OpenSetUps } from './open-set-ups'
import { TeeAndGround } from './tee-and-ground'
import { ShotsChoice } from './shots-choice'
import { StationDetails } from './station-details'
import styles from './stock.module.css'
import { atStation, FULL_SWING, isOf, stationKey } from '@/core/model/station'

/** Every station with what its solid shots say; a station opens to the shots behind it. */
export function StockTable({
  golfer,
  bag,
  analysis,
  shots,
  changes,
  setUps,
  airs,
  reference,
  rounds,
  old,
  lies,
  monitors,
  surfaces,
  only,
  nowMs,
}: StockView) {
  const { stocks, warnings } = analysis
  const recommendations = analysis.recommendations.filter((help) => !improvesGaps(help))
  const [opened, setOpened] = useState<string | null>(null)
  const clubs = new Map(bag.clubs.map((club) => [club.id, club]))
  const name = clubNames(bag)
  const hit = stocks.filter(isHit)
  const referenceOf = (stock: Stock) => atStation(reference, stock)
  const changeOf = ({ clubId }: Stock) => changes.find((each) => each.clubId === clubId)
  const without = stocks.filter((stock) => stock.swing === FULL_SWING && !isHit(stock))
  const lastYear = without.filter((stock) => referenceOf(stock)?.old)
  const notHit = without.filter((stock) => !referenceOf(stock)?.old)
  const onCourse = reference.reduce((sum, each) => sum + each.onCourse, 0)
  const home = `/golfers/${golfer.id}`
  if (hit.length === 0) {
    return (
      <NoShotsYet
        golferId={golfer.id}
        title="No stock yet"
        lede="This table shows how far each club carries, how surely, and from how many shots."
      />
    )
  }
  const solid = hit.reduce((sum, stock) => sum + stock.count, 0)
  const leftOut = stocks.reduce((sum, stock) => sum + stock.leftOut.length, 0)
  const asHit = stocks.reduce((sum, { inAir }) => sum + (inAir?.asHit ?? 0), 0)
  const columns = STOCK_COLUMNS.filter(({ screen, has }) => screen && (!has || stocks.some(has)))
  const filled = stocks.some(({ modelled }) => modelled)
  const widest = hit.reduce((a, b) => (half(b) > half(a) ? b : a))
  return (
    <div className={styles.screen}>
      <PrintTitle golfer={golfer} bag={bag} stocks={analysis.stocks} what="Stock" />
      <PageHead
        title={`${count(hit.length, 'stock')} from ${count(solid, 'good shot')}`}
        lede={
          <>
            {only.monitor !== null && `Only what ${only.monitor} measured. `}
            {only.surface !== null && `Only shots ${OFF_SURFACE[only.surface]}. `}
            {only.surface === null &&
              golfer.stocksOff !== null &&
              `Of shots ${OFF_SURFACE[golfer.stocksOff]}; the others are beside them. `}
            Carry by the {RULE_NAME[golfer.stockRule]} of the last 12 months,{' '}
            {golfer.compareIn === 'reference' ? statedAir(golfer) : 'as measured'}; ± is a 90% interval.{' '}
            {asHit > 0 && `${count(asHit, 'good shot')} are as measured: see the rows. `}
            {leftOut > 0 && `${count(leftOut, 'shot')} left out: open a club to see why. `}
            The least sure is the {stationName(name(widest.clubId), widest.swing)},{' '}
            {len(widest.carryM, golfer)} {around(widest, golfer)} {golfer.lengthUnit}.
            {notHit.length > 0 && ` Not hit: ${notHit.map((stock) => name(stock.clubId)).join(', ')}.`}
            {lastYear.length > 0 &&
              ` Not hit for over a year: ${lastYear.map((stock) => name(stock.clubId)).join(', ')}.`}
            {onCourse > 0 && ` ${count(onCourse, 'shot')} hit on the course: not counted.`}
          </>
        }
        choices={
          <>
            <StockRuleChoice golfer={golfer} />
            <AirChoice golfer={golfer} />
            <ShotsChoice {...{ home, monitors, surfaces, only }} />
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
      {recommendations.length > 0 && (
        <ul className="quiet list-unstyled no-print">
          <RecommendationLines recommendations={recommendations} name={name} />
        </ul>
      )}
      <TeeAndGround golfer={golfer} bag={bag} lies={lies} />
      <MatAndGrass golfer={golfer} surfaces={surfaces} />
      <GrownOld golfer={golfer} bag={bag} old={old} />
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
                    reference={referenceOf(stock)}
                    change={changeOf(stock)}
                    old={atStation(old, stock)}
                    opened={opened === key}
                    onOpen={() => setOpened(opened === key ? null : key)}
                  />
                  {opened === key && (
                    <tr className="opened">
                      <td colSpan={columns.length + 2}>
                        <StationDetails
                          golfer={golfer}
                          bag={bag}
                          title={stationName(name(stock.clubId), stock.swing)}
                          stock={stock}
                          shots={shots.filter(isOf(stock))}
                          name={name}
                          reference={referenceOf(stock)}
                          inRounds={atStation(rounds, stock)}
                          change={changeOf(stock)}
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
      {filled && <p className="quiet filled">{MODELLED_NOTE}</p>}
      <AskForAir key={airs.map(({ id }) => id).join()} golfer={golfer} of={airs} />
      <OpenSetUps golfer={golfer} of={setUps} />
    </div>
  )
}

type RowProps = {
  golfer: Golfer
  stock: Stock
  columns: StockColumn[]
  club: OwnedClub | undefined
  reference: ReferenceStock | undefined
  change: ChangeSeen | undefined
  old: OldStation | undefined
  opened: boolean
  onOpen: () => void
}

function StockRow({ golfer, stock, columns, club, reference, change, old, opened, onOpen }: RowProps) {
  const partial = stock.swing !== FULL_SWING
  const odd = oddSentence(stock, golfer)
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
        {odd && <small className="quiet changed">{odd}</small>}
        {old && <small className="quiet changed">newest shots {old.days} days old</small>}
        {!partial && change && <small className="quiet changed">changed {day(change.sinceMs)}</small>}
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
            {change?.expected && !partial
              ? `not hit since, ${len(change.expected.carryM, golfer, 1)} expected`
              : reference?.old
                ? `not since ${day(reference.old.newestMs)}`
                : 'not hit'}
          </span>
        ) : (
          len(stock.carryM, golfer, 1)
        )}
      </td>
      {columns.map((column) => {
        const { text, modelled, title, detail: small } = column.cell(stock, golfer)
        return (
          <td key={column.title(golfer)} title={title}>
            {modelled ? <i>≈ {text}</i> : text}
            {small && <small className="quiet"> {small}</small>}
          </td>
        )
      })}
    </tr>
  )
}

const half = (stock: Stock): number => (isHit(stock) ? (stock.highM - stock.lowM) / 2 : 0)
