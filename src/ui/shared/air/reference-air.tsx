'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import { areNumbers, measuresOf, PERCENT, plain } from '../form/measure'
import { NumberOf } from '../form/number-of'
import { Problems } from '../shell/problems'
import { useSubmit } from '../use-submit'

type Fields = { [key in keyof Golfer['referenceAir']]: number | null }

/** The one air in which this golfer's clubs are compared. */
export function ReferenceAir({ golfer }: { golfer: Golfer }) {
  const { control, handleSubmit } = useForm<Fields>({ defaultValues: golfer.referenceAir })
  const { problems, setProblems, submit } = useSubmit()
  const [saved, setSaved] = useState(false)
  const save = handleSubmit(async (referenceAir) => {
    if (!areNumbers(referenceAir) || Object.values(referenceAir).includes(null))
      return setProblems([{ field: '', sentence: 'One number of the air is empty or no number: type it.' }])
    setSaved(await submit('PATCH', `/api/golfers/${golfer.id}`, { referenceAir }))
  })
  return (
    <Form
      className="sheet p-3 mt-3"
      style={{ maxWidth: 560 }}
      aria-label="Reference air"
      noValidate
      onSubmit={save}
      onChange={() => setSaved(false)}
    >
      <b>Reference air</b>
      <p className="quiet mb-2">
        Stock and Gaps use this weather, without wind, for “in standard conditions”.
      </p>
      <div className="reference-air">
        <NumberOf control={control} name="tempC" label="Temperature" measure={measuresOf(golfer).temp} />
        <NumberOf control={control} name="pressureHpa" label="Pressure" measure={plain('hPa', 2)} />
        <NumberOf control={control} name="humidity" label="Humidity" measure={PERCENT} />
      </div>
      <Problems of={problems} />
      <Button type="submit" variant="outline">
        Keep this air
      </Button>
      <span role="status" className="ms-3">
        {saved ? 'Kept.' : ''}
      </span>
    </Form>
  )
}
