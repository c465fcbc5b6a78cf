'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { USUAL_BALLS } from '@/core/model/ball'
import type { Golfer } from '@/core/model/golfer'
import { caveatsOf, withMonitor, type AirSetUp, type MonitorProfile, type SetUp } from '@/core/session/set-up'
import type { Place } from '@/core/model/session'
import { airFrom, type WeatherReading } from '@/core/session/weather'
import { useSubmit } from '../use-submit'
import { Problems } from '../shell/problems'
import { CARRY_FROM_NAME, SURFACE_NAME, WIND_NAME } from '@/text/names'
import { altitude, caveatSentence } from '@/text/set-up'
import { ChoiceField } from '../form/choice-field'
import { areNumbers, measuresOf, PERCENT, plain } from '../form/measure'
import { NumberField } from '../form/number-field'
import { TextField } from '../form/text-field'
import { MonitorSetUpForm } from './monitor-set-up-form'

type Props = {
  golfer: Golfer
  place: Place
  setUp: SetUp
  profiles: MonitorProfile[]
  onChange: (setUp: SetUp) => void
}

/** How the session is set up. Everything can be skipped: what was is recorded, and said beside the numbers it touches. */
export function SetUpForm({ golfer, place, setUp, profiles, onChange }: Props) {
  const { problems, send } = useSubmit()
  const [station, setStation] = useState('')
  const { air } = setUp
  const { temp, wind, near, height } = measuresOf(golfer)
  const change = (part: Partial<SetUp>) => onChange({ ...setUp, ...part })
  const changeAir = (part: Partial<AirSetUp>) => change({ air: { ...air, source: 'typed', ...part } })
  const askStation = async () => {
    const sent = await send<WeatherReading>('POST', '/api/weather')
    setStation(
      sent.ok ? `From the weather station at ${sent.value.place}. Add where the wind comes from.` : '',
    )
    if (sent.ok) change({ air: airFrom(sent.value), altitudeM: sent.value.altitudeM, altitudeOf: 'here' })
  }
  const caveats = caveatsOf(setUp, place)
  return (
    <div className="set-up">
      <fieldset>
        <legend>Ball and ground</legend>
        <div className="fields">
          <ChoiceField
            label="The ball lies on"
            value={setUp.surface}
            none="not set"
            names={SURFACE_NAME}
            onChange={(surface) => change({ surface })}
          />
          <TextField
            className="measure"
            label="Ball"
            text="ball"
            suggestions={USUAL_BALLS}
            placeholder="not set"
            value={setUp.ball ?? ''}
            onChange={(event) => change({ ball: event.target.value.trimStart() || null })}
          />
          <NumberField
            label="Its temperature"
            measure={temp}
            value={setUp.ballTempC}
            onChange={(ballTempC) => change({ ballTempC })}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend>Air</legend>
        <div className="fields">
          <ChoiceField
            label="Carries are"
            value={setUp.carryFrom}
            none="not set"
            names={CARRY_FROM_NAME}
            onChange={(carryFrom) => change({ carryFrom, deviceTempC: null })}
          />
          {setUp.carryFrom === 'computed' && (
            <NumberField
              label="The device’s own air"
              measure={temp}
              value={setUp.deviceTempC}
              hint="by its settings; set its altitude below"
              onChange={(deviceTempC) => change({ deviceTempC })}
            />
          )}
          <NumberField
            label="Temperature"
            measure={temp}
            value={air.tempC}
            onChange={(tempC) => changeAir({ tempC })}
          />
          <NumberField
            label="Pressure here"
            measure={plain('hPa', 1)}
            value={air.pressureHpa}
            onChange={(pressureHpa) => changeAir({ pressureHpa })}
          />
          <NumberField
            label="Humidity"
            measure={PERCENT}
            value={air.humidity}
            onChange={(humidity) => changeAir({ humidity })}
          />
          <NumberField
            label="Wind"
            measure={wind}
            value={air.windMps}
            onChange={(windMps) => changeAir({ windMps })}
          />
          <ChoiceField
            label="It blows"
            value={air.wind}
            none="not at all"
            names={WIND_NAME}
            onChange={(blows) => changeAir({ wind: blows })}
          />
          {air.windMps !== null && air.windMps > 0 && (
            <NumberField
              label="Wind read at a height of"
              measure={near}
              value={air.windHeightM}
              hint="empty: as it blows where the ball flies"
              onChange={(windHeightM) => changeAir({ windHeightM })}
            />
          )}
          {air.pressureHpa === null && (
            <NumberField
              label="Pressure at sea level"
              measure={plain('hPa', 1)}
              value={air.seaLevelHpa}
              hint="of the forecast; used with the altitude"
              onChange={(seaLevelHpa) => changeAir({ seaLevelHpa })}
            />
          )}
          <NumberField
            label="Altitude of the numbers"
            measure={height}
            value={setUp.altitudeM}
            onChange={(altitudeM) => change({ altitudeM, altitudeOf: altitudeM === null ? null : 'here' })}
            {...(setUp.altitudeOf === 'home' && { hint: 'as at the home course' })}
          />
        </div>
        <div className="btns">
          <Button variant="outline" onClick={askStation}>
            Use weather station
          </Button>
          {golfer.homeAltitudeM !== null && (
            <Button
              variant="outline"
              onClick={() => change({ altitudeM: golfer.homeAltitudeM, altitudeOf: 'home' })}
            >
              Altitude as at my home course, {altitude(golfer.homeAltitudeM, golfer)}
            </Button>
          )}
        </div>
        {station && (
          <p className="quiet" role="status">
            {station}
          </p>
        )}
        <Problems of={problems} />
      </fieldset>
      <MonitorSetUpForm
        golfer={golfer}
        place={place}
        monitor={setUp.monitor}
        profiles={profiles}
        near={near}
        temp={temp}
        onChange={(monitor) => onChange(withMonitor(setUp, monitor))}
      />
      {caveats.length > 0 && (
        <div>
          <b>Not set</b>:
          <ul className="caveats">
            {caveats.map((caveat, i) => (
              <li key={i}>{caveatSentence(caveat, golfer)}</li>
            ))}
          </ul>
        </div>
      )}
    </div>
  )
}

/** What stands in the way of keeping a set-up; null where nothing does. */
export function setUpProblem(setUp: SetUp): string | null {
  const { monitor, air, ...own } = setUp
  return [own, air, monitor ?? {}].every(areNumbers)
    ? null
    : 'One number of the conditions is not a number. Correct it there, or empty it.'
}
