'use client'

import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Segment } from '@/core/model/segment'
import { OWN_START } from '@/core/gaps/zones'
import { type Zones } from '@/core/model/gap-rule'
import type { Golfer } from '@/core/model/golfer'
import { lengthMeasure } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { useRules } from './rules'
import { choicesIn } from '@/text/names'

const SEGMENT_NAME: Record<Segment, string> = {
  top: 'driver and woods',
  irons: 'hybrids and irons',
  wedges: 'wedges',
}

type OwnFields = Record<Segment, Record<keyof Zones, number | null>>

/** The golfer's own limits of a good gap, where that is the rule. */
export default function OwnLimits({ golfer }: { golfer: Golfer }) {
  const { problems, change } = useRules(golfer)
  const unit = golfer.lengthUnit
  const own = golfer.ownZonesM ?? OWN_START
  const { control, handleSubmit } = useForm<OwnFields>({ defaultValues: own })
  const [wrong, setWrong] = useState('')
  const save = handleSubmit(async (limits) => {
    const bad = choicesIn(SEGMENT_NAME).find(([segment]) => {
      const { tooClose, tooWide } = limits[segment]
      return !(tooClose !== null && tooWide !== null && tooClose > 0 && tooWide > tooClose)
    })
    setWrong(bad ? `${bad[1]}: type two rising numbers in ${unit}, such as 7 and 15.` : '')
    if (!bad) await change({ ownZonesM: limits as Record<Segment, Zones> })
  })
  return (
    <section className="sheet" aria-label="My own limits">
      <Form className="own-limits" noValidate onSubmit={save}>
        {choicesIn(SEGMENT_NAME).map(([segment, segmentName]) => (
          <span key={segment} role="group" aria-label={SEGMENT_NAME[segment]}>
            {segmentName}
            {(['tooClose', 'tooWide'] as const).map((end) => (
              <NumberOf
                key={end}
                control={control}
                name={`${segment}.${end}`}
                label={`${SEGMENT_NAME[segment]}, ${end === 'tooClose' ? 'from' : 'to'}`}
                labelled="unseen"
                measure={lengthMeasure(unit, 0)}
                size="sm"
              />
            ))}
          </span>
        ))}
        <Button size="sm" type="submit">
          Set the limits
        </Button>
        {wrong && (
          <p className="problem" role="alert">
            {wrong}
          </p>
        )}
        <Problems of={problems} />
      </Form>
    </section>
  )
}
