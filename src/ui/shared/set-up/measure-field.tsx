'use client'

import { useId, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { readLength, readNumber } from '@/core/typed-length'
import type { HeightUnit } from '@/core/units'

/** How a canonical number is shown and typed: 19.3 °C as 66.7 °F. */
export type Measure = {
  unit: string
  digits: number
  to: (canonical: number) => number
  from: (typed: number) => number
}

type Props = {
  label: string
  measure: Measure
  value: number | null
  /** NaN while what is typed is not a number. */
  onChange: (value: number | null) => void
  hint?: string
}

const isLength = (unit: string): unit is HeightUnit => unit === 'm' || unit === 'yd' || unit === 'ft'

/** A length may be typed with its own unit. */
function read(text: string, { unit, from }: Measure): number | null {
  if (isLength(unit)) return readLength(text, unit)
  const number = readNumber(text)
  return number === null ? null : from(number)
}

/** A number with its unit; empty where it is not said. */
export function MeasureField({ label, measure, value, onChange, hint }: Props) {
  const id = useId()
  const shown = (canonical: number | null) =>
    canonical === null ? '' : String(Number(measure.to(canonical).toFixed(measure.digits)))
  const [typed, setTyped] = useState({ text: shown(value), value })
  // What was typed stands as it was typed, until the value changes by another hand.
  const text = Object.is(typed.value, value) ? typed.text : shown(value)
  const bad = Number.isNaN(value)
  const type = (next: string) => {
    const canonical = read(next, measure)
    setTyped({ text: next, value: canonical })
    onChange(canonical)
  }
  return (
    <div className="measure">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <span>
        <Form.Control
          id={id}
          value={text}
          inputMode="decimal"
          autoComplete="off"
          onChange={(event) => type(event.target.value)}
          isInvalid={bad}
          aria-describedby={bad ? `${id}-problem` : undefined}
        />
        <span className="quiet">{measure.unit}</span>
      </span>
      {bad && (
        <small className="problem" role="alert" id={`${id}-problem`}>
          Type a number, or leave it empty.
        </small>
      )}
      {hint && !bad && <small className="quiet">{hint}</small>}
    </div>
  )
}
