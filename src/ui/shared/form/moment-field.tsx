import { format, isValid, parse } from 'date-fns'
import Form from 'react-bootstrap/Form'
import type { Problem } from '@/core/model/problem'
import { Problems } from '../shell/problems'

const LOCAL = "yyyy-MM-dd'T'HH:mm"
/** A moment as its field holds it, in the time of this device. */
export const momentText = (ms: number): string => format(new Date(ms), LOCAL)
/** The moment that a field holds; null where it holds none. */
export function momentOf(text: string): number | null {
  const date = parse(text, LOCAL, new Date(0))
  return isValid(date) ? date.getTime() : null
}

type Props = {
  label: string
  field: string
  value: string
  problems: Problem[]
  onChange: (value: string) => void
}

/** A day and time that are past. */
export function MomentField({ label, field, value, problems, onChange }: Props) {
  return (
    <Form.Group controlId={`moment-${field}`}>
      <Form.Label>{label}</Form.Label>
      <Form.Control
        type="datetime-local"
        value={value}
        aria-describedby={`moment-${field}-problem`}
        onChange={({ target }) => onChange(target.value)}
      />
      <Problems of={problems} field={field} id={`moment-${field}-problem`} />
    </Form.Group>
  )
}
