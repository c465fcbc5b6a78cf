'use client'

import { useId, useState, type Ref } from 'react'
import Form from 'react-bootstrap/Form'
import { isWithin, LIMITS } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import { sentencesOf } from '../shell/problems'
import { readTyped, written, type Measure } from './measure'

export type NumberLook = {
  label: string
  measure: Measure
  /** The range that the number lies in, by its name in the limits. */
  limit?: keyof typeof LIMITS
  hint?: string
  /** What could be typed: said where it is no number. */
  example?: string
  placeholder?: string
  /** What is wrong with it besides being no number. */
  problems?: Problem[]
  /** The names under which its problems come. */
  field?: string
  /** The label stands before the number, or is only read out: what stands about it says what it is. */
  labelled?: 'before' | 'unseen'
  size?: 'sm'
  ref?: Ref<HTMLInputElement>
}
type Props = NumberLook & {
  value: number | null
  /** NaN while what is typed is not a number, or lies outside its limits. */
  onChange: (value: number | null) => void
}

/** A number with its unit and what is wrong with it; empty where it is not said. */
export function NumberField({
  label,
  measure,
  limit,
  value,
  onChange,
  hint,
  example,
  placeholder,
  problems = [],
  field,
  labelled,
  size,
  ref,
}: Props) {
  const id = useId()
  const [typed, setTyped] = useState({ text: written(value, measure), value, unit: measure.unit })
  // What was typed stands as it was typed, until the value or the unit changes by another hand.
  const text =
    Object.is(typed.value, value) && (typed.unit === measure.unit || Number.isNaN(value))
      ? typed.text
      : written(value, measure)
  // A value that comes from elsewhere can lie outside the limits too.
  const isWrong = value !== null && (Number.isNaN(value) || isOutside(value, limit))
  const sentences = isWrong
    ? [`Type a number${wanted(measure, limit, example)}, or leave it empty.`]
    : sentencesOf(problems, field ?? '')
  const type = (next: string) => {
    const read = readTyped(next, measure)
    const canonical = read !== null && isOutside(read, limit) ? NaN : read
    setTyped({ text: next, value: canonical, unit: measure.unit })
    onChange(canonical)
  }
  return (
    <div className={labelled === 'before' ? 'measure inline' : 'measure'}>
      <Form.Label htmlFor={id} {...(labelled === 'unseen' && { visuallyHidden: true })}>
        {label}
      </Form.Label>
      <span>
        <Form.Control
          id={id}
          {...(ref && { ref })}
          {...(size && { size })}
          value={text}
          inputMode="decimal"
          autoComplete="off"
          placeholder={placeholder}
          onChange={(event) => type(event.target.value)}
          isInvalid={sentences.length > 0}
          aria-describedby={sentences.length > 0 ? `${id}-problem` : undefined}
        />
        {measure.unit !== '' && <span className="quiet">{measure.unit}</span>}
      </span>
      {sentences.length > 0 && (
        <small className="problem" role="alert" id={`${id}-problem`}>
          {sentences.join(' ')}
        </small>
      )}
      {hint && sentences.length === 0 && <small className="quiet">{hint}</small>}
    </div>
  )
}

const isOutside = (value: number, limit: keyof typeof LIMITS | undefined): boolean =>
  limit !== undefined && !isWithin(value, LIMITS[limit])

function wanted(
  measure: Measure,
  limit: keyof typeof LIMITS | undefined,
  example: string | undefined,
): string {
  if (!limit) return example ? `, such as ${example}` : ''
  const [least, most] = [LIMITS[limit].least, LIMITS[limit].most].map((end) =>
    written(end, measure).replace('-', '−'),
  )
  return ` from ${least} to ${most}`
}
