'use client'

import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { WedgeShot } from '@/core/wedges/wedges'
import { shotSpread } from '@/core/wedges/shot-spread'
import { planView } from '@/draw/plan-view'
import { MARK_NAME } from '@/text/names'
import { count, len, side } from '@/text/numbers'
import { biasLine, flagName } from '@/text/wedges'
import { TrueChart } from '../../shared/drawing/true-chart'
import type { StationShots } from '@/views/bag-analysis'
import { stationKey } from '@/core/model/station'
import { measuresOf } from '../../shared/form/measure'

type Props = { golfer: Golfer; shots: StationShots; stations: WedgeShot[]; name: (clubId: ClubId) => string }

/** Where the shots of one station lie, long and short, left and right, with or without the bad ones. */
export function SpreadView({ golfer, shots, stations, name }: Props) {
  const measured = stations.filter(
    ({ clubId, swing }) =>
      shots.filter((shot) => shot.clubId === clubId && shot.swing === swing && shot.offlineM !== undefined)
        .length > 1,
  )
  const [chosen, setChosen] = useState('')
  const [bad, setBad] = useState(false)
  const station = measured.find((each) => stationKey(each) === chosen) ?? measured.at(-1)
  if (!station) return null
  const own = shots.flatMap((shot) =>
    shot.clubId === station.clubId &&
    shot.swing === station.swing &&
    shot.carryM !== null &&
    shot.offlineM !== undefined &&
    !shot.exclusion
      ? [{ ...shot, carryM: shot.carryM, offlineM: shot.offlineM, included: shot.mark === 'solid' }]
      : [],
  )
  const taken = own.filter(({ included }) => bad || included)
  const spread = shotSpread(taken)
  const along = bad ? spread?.along.reachM : station.reachM
  const { to: at } = measuresOf(golfer).carry
  const both = ([from, to]: [number, number]): [number, number] => [at(from), at(to)]
  const leftOut = own.length - own.filter(({ included }) => included).length
  return (
    <section className="sheet" aria-label="Spread">
      <div className="sheet-head d-flex justify-content-between align-items-center gap-2 flex-wrap">
        <h2>Spread</h2>
        <div className="d-flex gap-3 align-items-center flex-wrap">
          <Form.Check
            id="spread-bad"
            label={leftOut === 0 ? 'no bad ones' : `with the ${count(leftOut, 'bad one')}`}
            checked={bad}
            disabled={leftOut === 0}
            onChange={(event) => setBad(event.target.checked)}
          />
          <Form.Select
            size="sm"
            style={{ width: 'auto' }}
            aria-label="Club and swing"
            value={stationKey(station)}
            onChange={(event) => setChosen(event.target.value)}
          >
            {measured.map((each) => (
              <option key={stationKey(each)} value={stationKey(each)}>
                {flagName(name(each.clubId), each.swing)}
              </option>
            ))}
          </Form.Select>
        </div>
      </div>
      <div className="p-3 d-grid gap-2">
        {spread && along && (
          <p className="mb-0">
            {count(spread.count, 'shot')}: <b>{biasLine(spread.across.meanM, golfer)}</b>, side to side{' '}
            {side(spread.across.reachM[0], golfer)} to {side(spread.across.reachM[1], golfer)} (standard
            deviation {len(spread.across.sdM, golfer, 1)}); long to short {len(along[0], golfer)} to{' '}
            {len(along[1], golfer)} ({len(spread.along.sdM, golfer, 1)}).
            {!bad && leftOut > 0 && ` ${count(leftOut, 'bad one')} left out.`}
          </p>
        )}
        <TrueChart
          chart={planView(
            {
              shots: taken.map(({ id, carryM, offlineM, included, mark }) => ({
                id,
                along: at(carryM),
                across: at(offlineM),
                included,
                word: MARK_NAME[mark],
              })),
              ...(spread &&
                along && {
                  reach: {
                    along: both(along),
                    across: both(spread.across.reachM),
                    middle: { along: at(spread.along.meanM), across: at(spread.across.meanM) },
                  },
                }),
            },
            golfer.lengthUnit,
          )}
          says={`Seen from above: ${taken.map(({ carryM, offlineM }) => `${len(carryM, golfer)}, ${side(offlineM, golfer)}`).join('; ')}.`}
        />
      </div>
    </section>
  )
}
