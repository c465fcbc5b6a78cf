'use client'

import { useId } from 'react'
import Form from 'react-bootstrap/Form'

type Props<Choice extends string> = {
  label: string
  value: Choice | null
  /** What stands there while nothing is chosen. */
  none: string
  names: Record<Choice, string>
  onChange: (value: Choice | null) => void
}

/** One of a few, or nothing said. */
export function ChoiceField<Choice extends string>({ label, value, none, names, onChange }: Props<Choice>) {
  const id = useId()
  return (
    <div className="measure">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Select
        id={id}
        value={value ?? ''}
        onChange={({ target }) => onChange((target.value || null) as Choice | null)}
      >
        <option value="">{none}</option>
        {(Object.keys(names) as Choice[]).map((choice) => (
          <option key={choice} value={choice}>
            {names[choice]}
          </option>
        ))}
      </Form.Select>
    </div>
  )
}
