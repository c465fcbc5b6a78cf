'use client'

import { isWithin, LETTERS, LIMITS } from '@/core/limits'
import { NEW_GOLFER } from '@/core/golfer'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import type { BayLikes, Golfer, GolferSettings } from '@/core/golfer'
import { readNumber, readLength } from '@/core/typed-length'
import { lengthIn, metresFrom, type LengthUnit, type SpeedUnit, type TempUnit } from '@/core/units'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

type Fields = {
  name: string
  hand: 'right' | 'left'
  units: string
  goalFrom: string
  goalTo: string
  tempUnit: TempUnit
  longestMin: string
  homeAltitude: string
  askExpectation: boolean
  followPlan: boolean
}

/** Lengths and speeds that go together. */
const UNITS: Record<string, { lengthUnit: LengthUnit; speedUnit: SpeedUnit; name: string }> = {
  'yd mph': { lengthUnit: 'yd', speedUnit: 'mph', name: 'yards and miles per hour' },
  'm km/h': { lengthUnit: 'm', speedUnit: 'km/h', name: 'metres and kilometres per hour' },
  'm m/s': { lengthUnit: 'm', speedUnit: 'm/s', name: 'metres and metres per second' },
  'm mph': { lengthUnit: 'm', speedUnit: 'mph', name: 'metres and miles per hour' },
}

/** A new golfer, or the settings of one. */
export function GolferForm({ golfer }: { golfer?: Golfer }) {
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const [saved, setSaved] = useState(false)
  const goal = (end: 0 | 1) =>
    golfer?.goalZoneM ? lengthIn(golfer.goalZoneM[end], golfer.lengthUnit).toFixed(0) : ''
  const { register, handleSubmit, control, getValues, setValue } = useForm<Fields>({
    defaultValues: {
      name: golfer?.name ?? '',
      hand: golfer?.hand ?? 'right',
      units: golfer ? `${golfer.lengthUnit} ${golfer.speedUnit}` : 'yd mph',
      goalFrom: goal(0),
      goalTo: goal(1),
      tempUnit: golfer?.tempUnit ?? 'C',
      longestMin: String(golfer?.longestMin ?? ''),
      homeAltitude:
        golfer?.homeAltitudeM == null
          ? ''
          : lengthIn(golfer.homeAltitudeM, footOrMetre(golfer.lengthUnit)).toFixed(0),
      askExpectation: golfer?.askExpectation ?? true,
      followPlan: golfer?.followPlan ?? true,
    },
  })
  const { lengthUnit, speedUnit } = UNITS[useWatch({ control, name: 'units' })] ?? {
    lengthUnit: 'yd' as const,
    speedUnit: 'mph' as const,
  }

  const convertGoal = (to: LengthUnit) => {
    if (to === lengthUnit) return
    for (const field of ['goalFrom', 'goalTo'] as const) {
      const typed = readNumber(getValues(field))
      if (typed !== null && !Number.isNaN(typed))
        setValue(field, lengthIn(metresFrom(typed, lengthUnit), to).toFixed(0))
    }
  }

  const save = handleSubmit(async (fields) => {
    const zone = readGoalZone(fields, lengthUnit)
    if ('sentence' in zone) return setProblems([{ field: 'goalZoneM', sentence: zone.sentence }])
    const name = fields.name.trim()
    if (name === '')
      return setProblems([
        { field: 'name', sentence: 'The name is empty: type the name that the card should carry.' },
      ])
    const settings: GolferSettings = {
      name,
      hand: fields.hand,
      lengthUnit,
      speedUnit,
      goalZoneM: zone.goalZoneM,
    }
    const likes = readLikes(fields, lengthUnit)
    if ('sentence' in likes) return setProblems([{ field: likes.field, sentence: likes.sentence }])
    const sent = golfer
      ? await send<{ id: string }>('PATCH', `/api/golfers/${golfer.id}`, { ...settings, ...likes })
      : await send<{ id: string }>('POST', '/api/golfers', settings)
    setSaved(sent.ok)
    if (!sent.ok) return
    if (golfer) router.refresh()
    else router.push(`/golfers/${sent.value.id}/bag`)
  })

  return (
    <Form
      onSubmit={save}
      onChange={() => setSaved(false)}
      className="sheet p-3"
      style={{ maxWidth: 560 }}
      noValidate
    >
      <Form.Group className="mb-3" controlId="name">
        <Form.Label>Name</Form.Label>
        <Form.Control
          {...register('name')}
          autoComplete="name"
          maxLength={LETTERS.golfer}
          autoFocus={!golfer}
          aria-describedby="name-problem"
        />
        <Problems of={problems} field="name" id="name-problem" />
      </Form.Group>
      <Form.Group className="mb-3" controlId="hand">
        <Form.Label>Plays</Form.Label>
        <Form.Select {...register('hand')}>
          <option value="right">right-handed</option>
          <option value="left">left-handed</option>
        </Form.Select>
      </Form.Group>
      <Form.Group className="mb-3" controlId="units">
        <Form.Label>Numbers in</Form.Label>
        <Form.Select
          {...register('units', {
            onChange: (event) => convertGoal(UNITS[event.target.value]?.lengthUnit ?? lengthUnit),
          })}
        >
          {Object.entries(UNITS).map(([key, { name }]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <fieldset className="mb-3">
        <legend className="fs-6 mb-1">Goal zone</legend>
        <p className="quiet mb-2">
          The distances that cost you shots. Holes there are named first. Leave it empty if there is none.
        </p>
        <div className="d-flex align-items-center gap-2">
          <Form.Label htmlFor="goal-from" className="mb-0">
            from
          </Form.Label>
          <Form.Control
            id="goal-from"
            {...register('goalFrom')}
            inputMode="decimal"
            style={{ width: 90 }}
            aria-describedby="goal-problem"
          />
          <Form.Label htmlFor="goal-to" className="mb-0">
            to
          </Form.Label>
          <Form.Control
            id="goal-to"
            {...register('goalTo')}
            inputMode="decimal"
            style={{ width: 90 }}
            aria-describedby="goal-problem"
          />
          {lengthUnit}
        </div>
        <Problems of={problems} field="goalZoneM" id="goal-problem" />
      </fieldset>
      {golfer && (
        <fieldset className="mb-3">
          <legend className="fs-6 mb-1">In the Bay</legend>
          <div className="d-flex flex-wrap align-items-center gap-2 mb-2">
            <Form.Label htmlFor="temp-unit" className="mb-0">
              Temperatures in
            </Form.Label>
            <Form.Select id="temp-unit" {...register('tempUnit')} style={{ width: 90 }}>
              <option value="C">°C</option>
              <option value="F">°F</option>
            </Form.Select>
          </div>
          <div className="d-flex flex-wrap align-items-center gap-2 mb-2">
            <Form.Label htmlFor="longest-min" className="mb-0">
              Hits at most
            </Form.Label>
            <Form.Control
              id="longest-min"
              {...register('longestMin')}
              inputMode="numeric"
              style={{ width: 80 }}
            />
            minutes a day: longer plans are split
          </div>
          <Problems of={problems} field="longestMin" />
          <div className="d-flex flex-wrap align-items-center gap-2 mb-2">
            <Form.Label htmlFor="home-altitude" className="mb-0">
              Home course at
            </Form.Label>
            <Form.Control
              id="home-altitude"
              {...register('homeAltitude')}
              inputMode="numeric"
              style={{ width: 90 }}
            />
            {footOrMetre(lengthUnit)} above the sea; empty if it is not known
          </div>
          <Problems of={problems} field="homeAltitudeM" />
          <Form.Check
            id="ask-expectation"
            label="Ask what I expect before I hit a station"
            {...register('askExpectation')}
          />
          <Form.Check
            id="follow-plan"
            label="Open the next station of the plan by itself"
            {...register('followPlan')}
          />
        </fieldset>
      )}
      <Problems of={problems} field="" />
      <Button type="submit">{golfer ? 'Save' : 'Go on to the bag'}</Button>
      <span role="status" className="ms-3">
        {saved && golfer ? 'Saved.' : ''}
      </span>
    </Form>
  )
}

const footOrMetre = (unit: LengthUnit): 'ft' | 'm' => (unit === 'yd' ? 'ft' : 'm')

function readLikes(
  { tempUnit, longestMin, homeAltitude, askExpectation, followPlan }: Fields,
  unit: LengthUnit,
): BayLikes | { field: string; sentence: string } {
  const longest = readNumber(longestMin) ?? NEW_GOLFER.longestMin
  if (!Number.isInteger(longest) || !isWithin(longest, LIMITS.longestMin)) {
    const { least, most } = LIMITS.longestMin
    return {
      field: 'longestMin',
      sentence: `Type how many minutes you hit at most, from ${least} to ${most}.`,
    }
  }
  const homeAltitudeM = readLength(homeAltitude, footOrMetre(unit))
  if (homeAltitudeM !== null && !isWithin(homeAltitudeM, LIMITS.altitudeM))
    return {
      field: 'homeAltitudeM',
      sentence: `Type the altitude of your home course in ${footOrMetre(unit)}, or leave it empty.`,
    }
  return { tempUnit, longestMin: longest, homeAltitudeM, askExpectation, followPlan }
}

function readGoalZone(
  { goalFrom, goalTo }: Fields,
  unit: LengthUnit,
): { goalZoneM: [number, number] | null } | { sentence: string } {
  const [low, high] = [readLength(goalFrom, unit), readLength(goalTo, unit)]
  if (low === null && high === null) return { goalZoneM: null }
  if (low === null || high === null || Number.isNaN(low) || Number.isNaN(high)) {
    return {
      sentence: `The goal zone needs two numbers in ${unit}, such as 50 and 115: type both, or leave both empty.`,
    }
  }
  if (low <= 0 || high <= low)
    return { sentence: 'The goal zone must end further than it begins: change one of its ends.' }
  return { goalZoneM: [low, high] }
}
