'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/golfer'
import { useSubmit } from '../use-submit'
import { MeasureField } from '../set-up/measure-field'
import { measuresOf } from '../set-up/set-up-form'
import { Problems } from '../shell/problems'

/** The one air in which this golfer's clubs are compared. */
export function ReferenceAir({ golfer }: { golfer: Golfer }) {
  const router = useRouter()
  const [air, setAir] = useState(golfer.referenceAir)
  const { problems, setProblems, send } = useSubmit()
  const [saved, setSaved] = useState(false)
  const { temp } = measuresOf(golfer)
  const change = (part: Partial<Golfer['referenceAir']>) => {
    setSaved(false)
    setAir({ ...air, ...part })
  }
  const save = async () => {
    if (Object.values(air).some(Number.isNaN))
      return setProblems([{ field: '', sentence: 'One number of the air is empty or no number: type it.' }])
    const sent = await send('PATCH', `/api/golfers/${golfer.id}`, { referenceAir: air })
    setSaved(sent.ok)
    if (sent.ok) router.refresh()
  }
  return (
    <section className="sheet p-3 mt-3" style={{ maxWidth: 560 }} aria-label="Reference air">
      <b>Reference air</b>
      <p className="quiet mb-2">
        In this air, calm, clubs are compared where Stock and Gaps say “in one stated air”.
      </p>
      <div className="reference-air">
        <MeasureField
          label="Temperature"
          measure={temp}
          value={air.tempC}
          onChange={(tempC) => change({ tempC: tempC ?? NaN })}
        />
        <MeasureField
          label="Pressure"
          measure={{ unit: 'hPa', digits: 2, to: (x) => x, from: (x) => x }}
          value={air.pressureHpa}
          onChange={(pressureHpa) => change({ pressureHpa: pressureHpa ?? NaN })}
        />
        <MeasureField
          label="Humidity"
          measure={{ unit: '%', digits: 0, to: (x) => 100 * x, from: (x) => x / 100 }}
          value={air.humidity}
          onChange={(humidity) => change({ humidity: humidity ?? NaN })}
        />
      </div>
      <Problems of={problems} />
      <Button variant="outline" onClick={save}>
        Keep this air
      </Button>
      <span role="status" className="ms-3">
        {saved ? 'Kept.' : ''}
      </span>
    </section>
  )
}
