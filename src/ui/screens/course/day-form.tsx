'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useController, useForm, useWatch } from 'react-hook-form'
import ToggleButton from 'react-bootstrap/ToggleButton'
import ToggleButtonGroup from 'react-bootstrap/ToggleButtonGroup'
import type { Venue, Day } from '@/core/session/day'
import { seaLevelPressure } from '@/core/flight/air'
import type { Turf } from '@/core/model/turf'
import type { Golfer } from '@/core/model/golfer'
import type { WeatherReading } from '@/core/session/weather'
import { dayProblems, TURF_NAME } from '@/text/day'
import { useSubmit } from '../../shared/use-submit'
import { areNumbers, measuresOf, PERCENT, plain } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'
import { choicesIn } from '@/text/names'

type Props = { golfer: Golfer; day: Day; venues: Venue[] }
type Along = 'with' | 'against'
type DayFields = {
  place: string
  tempC: number | null
  altitudeM: number | null
  seaLevelHpa: number | null
  humidity: number | null
  windMps: number | null
  along: Along
  turf: Turf
}

const fieldsOf = ({ tailwindMps, place, tempC, altitudeM, seaLevelHpa, humidity, turf }: Day): DayFields => ({
  ...{ tempC, altitudeM, seaLevelHpa, humidity, turf },
  place: place ?? '',
  windMps: Math.abs(tailwindMps),
  along: tailwindMps > 0 ? 'with' : 'against',
})

/** The day as it was typed; null where one of its numbers is missing or is none. */
function dayOf({ windMps, along, place, ...air }: DayFields, { crosswindMps }: Day): Day | null {
  const { tempC, altitudeM, seaLevelHpa, humidity, turf } = air
  if (tempC === null || altitudeM === null || seaLevelHpa === null || humidity === null || windMps === null)
    return null
  const day = {
    ...{ tempC, altitudeM, seaLevelHpa, humidity, turf, crosswindMps },
    place: place.trim() || null,
    tailwindMps: along === 'with' ? windMps : -windMps,
  }
  return areNumbers(day) ? day : null
}

/** The air and the ground of the day, typed or read from the weather station; a place can be kept. */
export function DayForm({ golfer, day, venues }: Props) {
  // A day that was set elsewhere on the page takes the place of what stands here.
  const { control, register, setValue, handleSubmit } = useForm<DayFields>({
    values: fieldsOf(day),
  })
  const { problems, setProblems, send, submit } = useSubmit()
  const [message, setMessage] = useState('')
  const { temp, wind, height } = measuresOf(golfer)
  const home = `/api/golfers/${golfer.id}`
  const set = handleSubmit(async (fields) => {
    const draft = dayOf(fields, day)
    const found = draft
      ? dayProblems(draft, golfer)
      : ['One number of the day is empty or no number: type it.']
    if (found.length > 0) return setProblems(found.map((sentence) => ({ field: 'day', sentence })))
    if (await submit('PUT', `${home}/day`, draft)) setMessage('The card is for this day.')
  })
  const askStation = async () => {
    const sent = await send<WeatherReading>('POST', '/api/weather')
    if (!sent.ok) return
    const { place, tempC, pressureHpa, humidity, altitudeM } = sent.value
    const seaLevelHpa = seaLevelPressure(pressureHpa, altitudeM)
    for (const [field, value] of Object.entries({ place, tempC, humidity, altitudeM, seaLevelHpa }))
      setValue(field as keyof DayFields, value)
    setMessage(`From the weather station at ${place}. Add the wind along your shots.`)
  }
  const [place, altitudeM, turf] = useWatch({ control, name: ['place', 'altitudeM', 'turf'] })
  const name = place.trim()
  const keep = async () => {
    if (!name)
      return setProblems([{ field: 'place', sentence: 'A place needs a name: type one under Place.' }])
    if (altitudeM === null || Number.isNaN(altitudeM))
      return setProblems([{ field: 'altitudeM', sentence: 'A place needs its altitude: type it.' }])
    await submit('PUT', `${home}/venues`, { name, altitudeM, turf })
  }
  const forget = async () => {
    await submit('DELETE', `${home}/venues`, { name })
  }
  const kept = venues.some((each) => each.name === name)
  const along = useController({ control, name: 'along' }).field
  const ground = useController({ control, name: 'turf' }).field
  return (
    <section className="sheet day-form" aria-label="The day">
      <h2>The day</h2>
      <Form className="p-3 d-grid gap-3" noValidate onSubmit={set} onChange={() => setMessage('')}>
        <div className="fields">
          <TextField
            className="measure"
            label="Place"
            text="place"
            placeholder="not set"
            {...register('place')}
          />
          <NumberOf control={control} name="tempC" label="Temperature" measure={temp} />
          <NumberOf control={control} name="altitudeM" label="Altitude" measure={height} />
          <NumberOf control={control} name="windMps" label="Wind along your shots" measure={wind} />
          <ToggleButtonGroup
            type="radio"
            name="along"
            value={along.value}
            onChange={along.onChange}
            aria-label="The wind blows"
          >
            {(['against', 'with'] as const).map((direction) => (
              <ToggleButton key={direction} id={`along-${direction}`} value={direction} variant="outline">
                {direction}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </div>
        <div className="fields">
          <div>
            <span className="form-label d-block" id="ground-label">
              Ground
            </span>
            <ToggleButtonGroup
              type="radio"
              name="turf"
              value={ground.value}
              onChange={ground.onChange}
              aria-labelledby="ground-label"
            >
              {choicesIn(TURF_NAME).map(([each, groundName]) => (
                <ToggleButton key={each} id={`turf-${each}`} value={each} variant="outline">
                  {groundName}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </div>
          <NumberOf
            control={control}
            name="seaLevelHpa"
            label="Sea-level pressure"
            measure={plain('hPa', 1)}
          />
          <NumberOf control={control} name="humidity" label="Humidity" measure={PERCENT} />
        </div>
        <div className="btns">
          <Button type="submit">Set the day</Button>
          <Button variant="outline" onClick={askStation}>
            Use weather station
          </Button>
          <Button variant="outline" onClick={keep}>
            {kept ? 'Keep the place as it is here' : 'Keep this place'}
          </Button>
          {kept && (
            <Button variant="outline" onClick={forget}>
              Forget this place
            </Button>
          )}
        </div>
        <p className="quiet mb-0" role="status">
          {message}
        </p>
        <Problems of={problems} />
      </Form>
    </section>
  )
}
