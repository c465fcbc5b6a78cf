'use client'

import Link from 'next/link'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import { demandBins } from '@/core/rounds/demand'
import { NEWEST_ROUNDS } from '@/core/rounds/use'
import { demand as demandChart } from '@/draw/demand'
import { day } from '@/text/days'
import { choicesIn, clubNames } from '@/text/names'
import { count, fixed, len, listed } from '@/text/numbers'
import { bayToCourseWords, kindName, LIE_NAME, roundsFinding, withoutWords } from '@/text/rounds'
import type { RoundsView } from '@/views/rounds-view'
import { TrueChart } from '../../shared/drawing/true-chart'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { BringIn } from './bring-in'
import { OpenRound } from './open-round'
import styles from './rounds.module.css'
import { measuresOf } from '../../shared/form/measure'

type Props = RoundsView & { removed: string | undefined }

/** Five of the golfer's unit: the bins in which distances are counted. */
const BIN = 5

/** Every round, and what they say of the bag: what was hit, from where, what was faced, what the course is off the bay. */
export function Rounds(props: Props) {
  const {
    golfer,
    bag,
    rounds,
    use,
    unused,
    demand,
    uncovered: all,
    zone,
    bayToCourse,
    applied,
    venues,
    removed,
  } = props
  const { problems, submit } = useSubmit()
  const uncovered = all.filter(({ range: [from, to] }) => len(from, golfer) !== len(to, golfer))
  const name = clubNames(bag)
  const { to: at, from } = measuresOf(golfer).carry
  const home = `/golfers/${golfer.id}`
  const played = rounds.filter(({ shots }) => shots > 0)
  const shots = played.reduce((sum, round) => sum + round.shots, 0)
  const bins = demandBins(demand, from(BIN))
  const sameZone =
    zone !== null &&
    golfer.goalZoneM !== null &&
    zone.every((end, i) => len(end, golfer) === len(golfer.goalZoneM?.[i] ?? 0, golfer))
  return (
    <div className={styles.screen}>
      <PageHead
        title={`${roundsFinding({ rounds: played.length, shots }, uncovered[0], golfer)}.`}
        lede={
          played.length === 0
            ? 'Enter which club you hit, from where and how far: on the course, or afterwards from memory. Banco shows which clubs you use and which distances you need.'
            : `${unused.length > 0 ? `Not hit in the last ${NEWEST_ROUNDS} rounds: ${listed(unused.map(name))}. ` : ''}Shots on the course do not change your yardages.`
        }
      >
        <Link className="btn btn-outline" href={`${home}/log`}>
          Sessions
        </Link>
      </PageHead>
      {removed && (
        <p role="status">
          The round was removed.{' '}
          <Button
            variant="outline"
            size="sm"
            onClick={() => submit('PATCH', `/api/rounds/${encodeURIComponent(removed)}`, { removed: false })}
          >
            Put it back
          </Button>
        </p>
      )}
      <Problems of={problems} />
      <div className="rounds">
        <div>
          <section className="sheet" aria-label="Rounds">
            <OpenRound golfer={golfer} venues={venues} />
            <BringIn golfer={golfer} bag={bag} />
            {rounds.length > 0 && (
              <ul className="list-of-rounds">
                {rounds.map((round) => (
                  <li key={round.id}>
                    <Link href={`${home}/rounds/${encodeURIComponent(round.id)}`}>
                      <b>{round.place ?? 'A round'}</b>, {day(round.openedMs)}
                    </Link>
                    <span className="quiet">
                      {count(round.shots, 'shot')}
                      {round.competition && ', competition'}
                    </span>
                  </li>
                ))}
              </ul>
            )}
          </section>
          {played.length > 0 && (
            <section className="sheet use" aria-label="Use" tabIndex={0}>
              <h2>What you use</h2>
              <Table size="sm" className="mb-0">
                <thead>
                  <tr>
                    <th scope="col">Club</th>
                    <th scope="col">Shots</th>
                    {choicesIn(LIE_NAME).map(([lie, lieName]) => (
                      <th key={lie} scope="col" className="wide-only">
                        {lieName}
                      </th>
                    ))}
                    <th scope="col">If it went</th>
                  </tr>
                </thead>
                <tbody>
                  {use.map(({ clubId, shots: n, lies, without }) => (
                    <tr key={clubId} className={n === 0 ? 'never' : ''}>
                      <th scope="row">{name(clubId)}</th>
                      <td className="num">{n}</td>
                      {choicesIn(LIE_NAME).map(([lie]) => (
                        <td key={lie} className="num wide-only">
                          {lies[lie] || ''}
                        </td>
                      ))}
                      <td className="quiet">{without ? withoutWords(without, name, golfer) : ''}</td>
                    </tr>
                  ))}
                </tbody>
              </Table>
            </section>
          )}
        </div>
        <div>
          {played.length > 0 && (
            <section className="sheet" aria-label="Faced">
              <h2>What you are asked for</h2>
              {demand.distancesM.length === 0 ? (
                <p className="quiet p-3 mb-0">No distance yet that your bag reaches.</p>
              ) : (
                <div className="p-3">
                  <TrueChart
                    chart={demandChart({
                      bins,
                      bin: BIN,
                      uncovered: uncovered.map(({ range: [from, to] }) => [at(from), at(to)]),
                      zone: zone && [at(zone[0]), at(zone[1])],
                      unit: golfer.lengthUnit,
                    })}
                    says={`Distances to the target, by ${BIN} ${golfer.lengthUnit}: ${bins
                      .map((n, i) => (n > 0 ? `${i * BIN} to ${(i + 1) * BIN}: ${n}` : ''))
                      .filter(Boolean)
                      .join(', ')}.`}
                  />
                  {uncovered.length > 0 && (
                    <Table size="sm" className="num mt-2 mb-0">
                      <thead>
                        <tr>
                          <th>Nothing lands on, {golfer.lengthUnit}</th>
                          <th>Faced</th>
                          <th>A round</th>
                        </tr>
                      </thead>
                      <tbody>
                        {uncovered.map(({ range: [from, to], shots: n, aRound }) => (
                          <tr key={from}>
                            <th>
                              {len(from, golfer)}–{len(to, golfer)}
                            </th>
                            <td>{n}</td>
                            <td>{fixed(aRound, 1)}</td>
                          </tr>
                        ))}
                      </tbody>
                    </Table>
                  )}
                  {zone && !sameZone && (
                    <p className="mb-0 mt-2">
                      Half of what you faced under your longest iron lies from <b>{len(zone[0], golfer)}</b>{' '}
                      to <b>{len(zone[1], golfer)}</b>.{' '}
                      <Button
                        variant="outline"
                        size="sm"
                        onClick={() => submit('PATCH', `/api/golfers/${golfer.id}`, { goalZoneM: zone })}
                      >
                        Use as focus distances
                      </Button>
                    </p>
                  )}
                </div>
              )}
            </section>
          )}
          {bayToCourse.length > 0 && (
            <section className="sheet" aria-label="Bay to course">
              <h2>Bay to course</h2>
              <ul className="bay-to-course">
                {bayToCourse.map((found) => (
                  <li key={found.kind}>
                    {bayToCourseWords(found, golfer)}.{' '}
                    {found.offered || applied.includes(found.kind) ? (
                      <Button
                        variant="outline"
                        size="sm"
                        aria-pressed={applied.includes(found.kind)}
                        onClick={() =>
                          submit('PUT', `/api/golfers/${golfer.id}/as-on-course`, {
                            kind: found.kind,
                            on: !applied.includes(found.kind),
                          })
                        }
                      >
                        {applied.includes(found.kind)
                          ? `Used on the card: undo`
                          : `Use it on the card for ${kindName(found.kind)}`}
                      </Button>
                    ) : (
                      <span className="quiet">
                        Not surely more than none, or fewer than 7: nothing is offered.
                      </span>
                    )}
                  </li>
                ))}
              </ul>
              <p className="quiet p-3 mb-0">
                Compared with your carry in the weather of each round. Yardages and gaps do not change.
              </p>
            </section>
          )}
        </div>
      </div>
    </div>
  )
}
