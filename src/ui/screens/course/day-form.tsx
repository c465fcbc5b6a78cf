'use client'

import { LETTERS } from '@/core/limits'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import ToggleButton from 'react-bootstrap/ToggleButton'
import ToggleButtonGroup from 'react-bootstrap/ToggleButtonGroup'
import type { CoursePlace, Day } from '@/core/flight/day'
import { seaLevelPressure } from '@/core/flight/air'
import { TURFS, type Turf } from '@/core/flight/ground'
import type { Golfer } from '@/core/golfer'
import type { WeatherReading } from '@/core/session/weather'
import { dayProblems, TURF_NAME } from '@/text/day'
import { useSubmit } from '../../shared/use-submit'
import { MeasureField } from '../../shared/set-up/measure-field'
import { measuresOf } from '../../shared/set-up/set-up-form'
import { Problems } from '../../shared/shell/problems'

type Props = { golfer: Golfer; day: Day; places: CoursePlace[] }
type Along = 'with' | 'against'

/** The air and the ground of the day, typed or read from the weather station; a place can be kept. */
export function DayForm({ golfer, day, places }: Props) {
  const router = useRouter()
  const [draft, setDraft] = useState(day)
  // A day that was set elsewhere on the page takes the place of what stands here.
  const [stood, setStood] = useState(JSON.stringify(day))
  if (stood !== JSON.stringify(day)) {
    setStood(JSON.stringify(day))
    setDraft(day)
  }
  const { problems, setProblems, send, submit } = useSubmit()
  const [along, setAlong] = useState<Along>(day.tailwindMps > 0 ? 'with' : 'against')
  const [said, setSaid] = useState('')
  const { temp, wind, near } = measuresOf(golfer)
  const home = `/api/golfers/${golfer.id}`
  const change = (part: Partial<Day>) => {
    setSaid('')
    setDraft({ ...draft, ...part })
  }
  const blow = (mps: number, way: Along) => change({ tailwindMps: way === 'with' ? mps : -mps })
  const number = (value: number | null) => value ?? NaN
  const set = async () => {
    const bad = Object.values(draft).some((value) => typeof value === 'number' && Number.isNaN(value))
    const found = bad ? ['One number of the day is empty or no number: type it.'] : dayProblems(draft, golfer)
    if (found.length > 0) return setProblems(found.map((sentence) => ({ field: 'day', sentence })))
    const sent = await send('PUT', `${home}/day`, { ...draft, place: draft.place?.trim() || null })
    if (!sent.ok) return
    setSaid('The card stands for this day.')
    router.refresh()
  }
  const askStation = async () => {
    const sent = await send<WeatherReading>('POST', '/api/weather')
    if (!sent.ok) return
    const { place, tempC, pressureHpa, humidity, altitudeM } = sent.value
    change({ place, tempC, humidity, altitudeM, seaLevelHpa: seaLevelPressure(pressureHpa, altitudeM) })
    setSaid(`As the station at ${place} reads it. Say how the wind blows along your shots.`)
  }
  const keep = async () => {
    const name = draft.place?.trim()
    if (!name)
      return setProblems([{ field: 'place', sentence: 'A place needs a name: type one under Place.' }])
    const { altitudeM, turf } = draft
    await submit('PUT', `${home}/places`, { name, altitudeM, turf })
  }
  const forget = async (name: string) => {
    await submit('DELETE', `${home}/places`, { name })
  }
  const kept = places.some(({ name }) => name === draft.place?.trim())
  return (
    <section className="sheet day-form" aria-label="The day">
      <h2>The day</h2>
      <div className="p-3 d-grid gap-3">
        <div className="fields">
          <div className="measure">
            <Form.Label htmlFor="day-place">Place</Form.Label>
            <Form.Control
              id="day-place"
              maxLength={LETTERS.place}
              placeholder="not said"
              value={draft.place ?? ''}
              onChange={(event) => change({ place: event.target.value || null })}
            />
          </div>
          <MeasureField
            label="Temperature"
            measure={temp}
            value={draft.tempC}
            onChange={(tempC) => change({ tempC: number(tempC) })}
          />
          <MeasureField
            label="Altitude"
            measure={{ ...near, digits: 0 }}
            value={draft.altitudeM}
            onChange={(altitudeM) => change({ altitudeM: number(altitudeM) })}
          />
          <MeasureField
            label="Wind along your shots"
            measure={wind}
            value={Math.abs(draft.tailwindMps)}
            onChange={(mps) => blow(number(mps), along)}
          />
          <ToggleButtonGroup
            type="radio"
            name="along"
            value={along}
            onChange={(way: Along) => {
              setAlong(way)
              blow(Math.abs(draft.tailwindMps), way)
            }}
            aria-label="The wind blows"
          >
            {(['against', 'with'] as const).map((way) => (
              <ToggleButton key={way} id={`along-${way}`} value={way} variant="outline">
                {way}
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
              value={draft.turf}
              onChange={(turf: Turf) => change({ turf })}
              aria-labelledby="ground-label"
            >
              {TURFS.map((turf) => (
                <ToggleButton key={turf} id={`turf-${turf}`} value={turf} variant="outline">
                  {TURF_NAME[turf]}
                </ToggleButton>
              ))}
            </ToggleButtonGroup>
          </div>
          <MeasureField
            label="Sea-level pressure"
            measure={{ unit: 'hPa', digits: 1, to: (x) => x, from: (x) => x }}
            value={draft.seaLevelHpa}
            onChange={(hpa) => change({ seaLevelHpa: number(hpa) })}
          />
          <MeasureField
            label="Humidity"
            measure={{ unit: '%', digits: 0, to: (x) => 100 * x, from: (x) => x / 100 }}
            value={draft.humidity}
            onChange={(humidity) => change({ humidity: number(humidity) })}
          />
        </div>
        <div className="btns">
          <Button onClick={set}>Set the day</Button>
          <Button variant="outline" onClick={askStation}>
            Ask the weather station
          </Button>
          <Button variant="outline" onClick={keep}>
            {kept ? 'Keep the place as it is here' : 'Keep this place'}
          </Button>
          {kept && (
            <Button variant="outline" onClick={() => forget(draft.place?.trim() ?? '')}>
              Forget this place
            </Button>
          )}
        </div>
        <p className="quiet mb-0" role="status">
          {said}
        </p>
        <Problems of={problems} />
      </div>
    </section>
  )
}
