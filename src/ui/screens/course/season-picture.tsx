'use client'

import { useDeferredValue, useState } from 'react'
import Form from 'react-bootstrap/Form'
import type { OwnedClub } from '@/core/bag/bag'
import type { Day } from '@/core/session/day'
import { SEASON, type SeasonLine, type SeasonPoint, type SeasonStation } from '@/core/course/season'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { seasonPanel, type SeasonPanel, type SeasonTrace } from '@/draw/season'
import { TURF_NAME } from '@/text/day'
import { fixed, len } from '@/text/numbers'
import { altitude, temperature } from '@/text/set-up'
import { TrueChart } from '../../shared/drawing/true-chart'
import { useSeason } from './use-season'
import { measuresOf } from '../../shared/form/measure'

type Props = { golfer: Golfer; clubs: OwnedClub[]; stations: SeasonStation[]; day: Day }

/** What temperature, altitude and ground do to the carries, around the day of the card; the golfer drags the values. */
export function SeasonPicture({ golfer, clubs, stations, day }: Props) {
  const [dragged, setDragged] = useState(day)
  const [chosen, setChosen] = useState<ClubId | ''>('')
  const { day: drawn, lines } = useDeferredValue(useSeason(stations, day, dragged))
  const name = (id: ClubId) => clubs.find((club) => club.id === id)?.name ?? ''
  const shown = chosen ? lines.filter(({ clubId }) => clubId === chosen) : lines
  const { lengthUnit } = golfer
  const { temp, height, carry } = measuresOf(golfer)
  const panel = (
    along: string,
    now: number,
    of: (line: SeasonLine) => SeasonPoint[],
    to: (at: number) => number,
  ): SeasonPanel => ({
    along,
    now: to(now),
    unit: lengthUnit,
    traces: shown.map((line) => ({
      name: name(line.clubId),
      chosen: line.clubId === chosen,
      points: of(line).map(({ at, carryM, halfM }) => ({
        at: to(at),
        half: carry.to(halfM),
        change: carry.to(carryM - (stations.find(({ clubId }) => clubId === line.clubId)?.carryM ?? carryM)),
      })),
    })),
  })
  const warmth = panel(`temperature, ${temp.unit}`, drawn.tempC, (line) => line.temperature, temp.to)
  const high = panel(`altitude, ${height.unit}`, drawn.altitudeM, (line) => line.altitude, height.to)
  const ground = shown.find(({ clubId }) => clubId === (chosen || stations[0]?.clubId))?.ground ?? []
  return (
    <section className="sheet season" aria-label="The season">
      <h2>The season</h2>
      <div className="season-values">
        <label>
          Temperature <b className="num">{temperature(dragged.tempC, golfer)}</b>
          <Form.Range
            min={SEASON.tempC.least}
            max={SEASON.tempC.most}
            step={1}
            value={dragged.tempC}
            aria-valuetext={temperature(dragged.tempC, golfer)}
            onChange={(event) => setDragged({ ...dragged, tempC: Number(event.target.value) })}
          />
        </label>
        <label>
          Altitude <b className="num">{altitude(dragged.altitudeM, golfer)}</b>
          <Form.Range
            min={SEASON.altitudeM.least}
            max={SEASON.altitudeM.most}
            step={50}
            value={dragged.altitudeM}
            aria-valuetext={altitude(dragged.altitudeM, golfer)}
            onChange={(event) => setDragged({ ...dragged, altitudeM: Number(event.target.value) })}
          />
        </label>
        <Form.Group controlId="season-club">
          <Form.Label>Club</Form.Label>
          <Form.Select value={chosen} onChange={(event) => setChosen(event.target.value as ClubId | '')}>
            <option value="">the whole bag</option>
            {stations.map(({ clubId }) => (
              <option key={clubId} value={clubId}>
                {name(clubId)}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      </div>
      {shown.length > 0 ? (
        <div className="season-panels">
          <TrueChart chart={seasonPanel(warmth)} says={saysOf(warmth)} />
          <TrueChart chart={seasonPanel(high)} says={saysOf(high)} />
        </div>
      ) : (
        <p className="quiet p-3 mb-0">
          No full swing has a carry yet. Hit a few shots with one, and this shows what the season does to it.
        </p>
      )}
      {ground.length > 0 && (
        <p className="season-ground">
          The {name(chosen || (stations[0] as SeasonStation).clubId)} rolls{' '}
          {ground.map(({ turf, runM, from }, i) => (
            <span key={turf}>
              {i > 0 && ', '}
              <b className="num">
                {from === 'measured' && turf === 'normal' ? '' : '≈ '}
                {len(runM, golfer)}
              </b>{' '}
              on {TURF_NAME[turf]}
            </span>
          ))}{' '}
          ground, {lengthUnit}. All lines are estimates from the carries above, with their 90% band. Dashed:
          about the same.
        </p>
      )}
    </section>
  )
}

const ofPoint = ({ at, change, half }: SeasonTrace['points'][number], unit = ''): string =>
  `${fixed(change, 1)} ± ${fixed(half, 1)}${unit} at ${fixed(at, 0)}`

/** The ends of every trace, for those who cannot see the picture. */
const saysOf = ({ along, traces, unit }: SeasonPanel): string =>
  `Change of carry over ${along}. ${traces
    .flatMap(({ name, points }) => {
      const [first, last] = [points[0], points.at(-1)]
      return first && last ? [`${name}: ${ofPoint(first, ` ${unit}`)}, ${ofPoint(last)}`] : []
    })
    .join('; ')}.`
