'use client'

import { NEW_GOLFER } from '@/core/model/golfer'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { FormProvider, useForm, useWatch } from 'react-hook-form'
import type { Golfer, GolferSettings } from '@/core/model/golfer'
import type { LengthUnit, SpeedUnit, TempUnit } from '@/core/units'
import { focusProblem } from '../../shared/focus-problem'
import { areNumbers, lengthMeasure, plain } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'
import { AboutYou, aimFields, aimOf, type AimFields } from './about-you'

type Fields = AimFields & {
  name: string
  hand: 'right' | 'left'
  units: string
  goalFromM: number | null
  goalToM: number | null
  tempUnit: TempUnit
  longestMin: number | null
  homeAltitudeM: number | null
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
  const form = useForm<Fields>({
    defaultValues: {
      name: golfer?.name ?? '',
      hand: golfer?.hand ?? 'right',
      units: golfer ? `${golfer.lengthUnit} ${golfer.speedUnit}` : 'yd mph',
      goalFromM: golfer?.goalZoneM?.[0] ?? null,
      goalToM: golfer?.goalZoneM?.[1] ?? null,
      tempUnit: golfer?.tempUnit ?? 'C',
      longestMin: golfer?.longestMin ?? null,
      homeAltitudeM: golfer?.homeAltitudeM ?? null,
      askExpectation: golfer?.askExpectation ?? true,
      followPlan: golfer?.followPlan ?? true,
      ...aimFields(golfer),
    },
  })
  const { register, handleSubmit, control } = form
  const { lengthUnit, speedUnit } = UNITS[useWatch({ control, name: 'units' })] ?? {
    lengthUnit: 'yd' as const,
    speedUnit: 'mph' as const,
  }

  const far = lengthMeasure(lengthUnit, 0)

  const save = handleSubmit(async (fields) => {
    if (!areNumbers(fields)) return focusProblem()
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
    const { tempUnit, longestMin, homeAltitudeM, askExpectation, followPlan } = fields
    const preferences = {
      ...{ tempUnit, homeAltitudeM, askExpectation, followPlan },
      longestMin: longestMin ?? NEW_GOLFER.longestMin,
    }
    const aim = aimOf(fields)
    const sent = golfer
      ? await send<{ id: string }>('PATCH', `/api/golfers/${golfer.id}`, {
          ...settings,
          ...preferences,
          ...aim,
        })
      : await send<{ id: string }>('POST', '/api/golfers', { ...settings, ...aim })
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
      <TextField
        className="mb-3"
        label="Name"
        text="golfer"
        {...register('name')}
        autoComplete="name"
        autoFocus={!golfer}
        problems={problems}
        field="name"
      />
      <Form.Group className="mb-3" controlId="hand">
        <Form.Label>Plays</Form.Label>
        <Form.Select {...register('hand')}>
          <option value="right">right-handed</option>
          <option value="left">left-handed</option>
        </Form.Select>
      </Form.Group>
      <Form.Group className="mb-3" controlId="units">
        <Form.Label>Numbers in</Form.Label>
        <Form.Select {...register('units')}>
          {Object.entries(UNITS).map(([key, { name }]) => (
            <option key={key} value={key}>
              {name}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      <fieldset className="mb-3">
        <legend className="fs-6 mb-1">Focus distances</legend>
        <p className="quiet mb-2">The distances that matter most to you. Gaps there come first. Optional.</p>
        <div className="d-flex align-items-center gap-2">
          <NumberOf control={control} name="goalFromM" label="from" labelled="before" measure={far} />
          <NumberOf control={control} name="goalToM" label="to" labelled="before" measure={far} />
        </div>
        <Problems of={problems} field="goalZoneM" id="goal-problem" />
      </fieldset>
      <FormProvider {...form}>
        <AboutYou far={far} problems={problems} lookedAfter={golfer !== undefined} />
      </FormProvider>
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
          <NumberOf
            control={control}
            name="longestMin"
            label="Hits at most"
            labelled="before"
            measure={plain('minutes a day: longer plans are split', 0)}
            limit="longestMin"
            problems={problems}
          />
          <NumberOf
            control={control}
            name="homeAltitudeM"
            label="Home course at"
            labelled="before"
            measure={lengthMeasure(lengthUnit === 'yd' ? 'ft' : 'm', 0)}
            limit="altitudeM"
            hint="above the sea; empty if it is not known"
            problems={problems}
          />
          <Form.Check
            id="ask-expectation"
            label="Ask what I expect before I hit a club"
            {...register('askExpectation')}
          />
          <Form.Check
            id="follow-plan"
            label="Open the next club of the plan automatically"
            {...register('followPlan')}
          />
        </fieldset>
      )}
      <Problems of={problems} field="" />
      <Button type="submit">{golfer ? 'Save' : 'Continue to the bag'}</Button>
      <span role="status" className="ms-3">
        {saved && golfer ? 'Saved.' : ''}
      </span>
    </Form>
  )
}

function readGoalZone(
  { goalFromM: low, goalToM: high }: Fields,
  unit: LengthUnit,
): { goalZoneM: [number, number] | null } | { sentence: string } {
  if (low === null && high === null) return { goalZoneM: null }
  if (low === null || high === null) {
    return {
      sentence: `Type both focus distances in ${unit}, such as 50 and 115, or leave both empty.`,
    }
  }
  if (low <= 0 || high <= low)
    return {
      sentence: 'The focus distances must end further than they begin: change one of the two numbers.',
    }
  return { goalZoneM: [low, high] }
}
