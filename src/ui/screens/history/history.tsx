'use client'

import Link from 'next/link'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { adjustedStocks } from '@/core/shots/adjustments'
import { FULL_SWING, stationKey } from '@/core/model/station'
import { history, type HistoryData } from '@/draw/history'
import { day } from '@/text/days'
import { clubNames, stationNames } from '@/text/names'
import { count, len } from '@/text/numbers'
import type { HistoryView, StationHistory } from '@/views/history-view'
import { AirChoice } from '../../shared/air/air-choice'
import { TrueChart } from '../../shared/drawing/true-chart'
import { AdjustmentsLine } from '../../shared/shell/adjustments-line'
import { PageHead } from '../../shared/shell/page-head'
import styles from './history.module.css'
import { measuresOf } from '../../shared/form/measure'

type Props = HistoryView & { clubId: string | undefined }

/** Every stock over time: the chosen one large with its table, the whole bag in small beside each other. */
export function History({ golfer, bag, stations, bags, more, clubId: wantedId }: Props) {
  const full = stations.filter(({ swing }) => swing === FULL_SWING)
  const [chosen, choose] = useState<string | null>(null)
  const station =
    stations.find((each) => stationKey(each) === chosen) ??
    full.find(({ clubId }) => clubId === wantedId) ??
    full.toSorted((a, b) => b.points.length - a.points.length)[0]
  const name = stationNames(bag)
  const { to: at } = measuresOf(golfer).carry
  const data = (of: StationHistory): HistoryData => ({
    points: of.points.map(({ atMs, season, carryM, lowM, highM, count: shots }) => ({
      ...{ atMs, season, count: shots, day: day(atMs) },
      at: at(carryM),
      low: at(lowM),
      high: at(highM),
    })),
    changedMs: of.changedMs,
    bagsMs: bags.map(({ untilMs }) => untilMs),
    unit: golfer.lengthUnit,
  })
  return (
    <div className={styles.screen}>
      <PageHead
        title={station ? `${name(station)} over time` : 'Nothing over time yet'}
        lede={
          station
            ? `Each point is one session alone, with its 90% interval; ${more > 0 ? `the newest sessions, ${count(more, 'older one')} not shown; ` : ''}one day differs from another by 2% without anything having changed.`
            : 'A club appears here after its first session.'
        }
        choices={<AirChoice golfer={golfer} />}
      >
        {station && (
          <Link className="btn btn-outline" href={`/golfers/${golfer.id}/compare?a=club:${station.clubId}`}>
            Compare it
          </Link>
        )}
        <Button onClick={() => window.print()} disabled={!station}>
          Print
        </Button>
      </PageHead>
      {station && (
        <AdjustmentsLine
          adjustments={adjustedStocks(
            station.points.map(({ adjustments }) => ({ clubId: station.clubId, adjustments })),
          )}
          name={clubNames(bag)}
        />
      )}
      {station && (
        <div className="over-time">
          <section className="sheet p-3" aria-label="The chosen stock">
            <TrueChart
              key={stationKey(station)}
              chart={history(data(station))}
              says={`${name(station)}: ${station.points.map((point) => `${day(point.atMs)} ${len(point.carryM, golfer, 1)}`).join(', ')}`}
            />
          </section>
          <section className="sheet" aria-label="Session by session">
            <table className="table table-sm num mb-0">
              <thead>
                <tr>
                  <th>Session</th>
                  <th>Carry, {golfer.lengthUnit}</th>
                  <th>90%</th>
                  <th>Good shots</th>
                </tr>
              </thead>
              <tbody>
                {station.points.toReversed().map((point) => (
                  <tr key={point.sessionId}>
                    <th>
                      <Link href={`/golfers/${golfer.id}/sessions/${encodeURIComponent(point.sessionId)}`}>
                        {day(point.atMs)}
                      </Link>
                    </th>
                    <td>{len(point.carryM, golfer, 1)}</td>
                    <td>
                      {len(point.lowM, golfer, 1)} to {len(point.highM, golfer, 1)}
                    </td>
                    <td>{point.count}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        </div>
      )}
      {stations.length > 1 && (
        <ul className="small-charts" aria-label="The whole bag">
          {stations.map((each) => (
            <li key={stationKey(each)} className="sheet">
              <button
                type="button"
                className="btn-plain"
                aria-pressed={each === station}
                onClick={() => {
                  choose(stationKey(each))
                  scrollTo({ top: 0 })
                }}
              >
                {name(each)}
              </button>
              <TrueChart
                chart={history({ ...data(each), small: true })}
                says={`${name(each)}, ${count(each.points.length, 'session')}`}
                high={130}
              />
            </li>
          ))}
        </ul>
      )}
    </div>
  )
}
