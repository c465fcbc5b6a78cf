import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import { MAX_LENGTH } from '@/core/model/limits'

export type OfMonitor = { name: string; watches: boolean }
type Props = {
  golfer: Golfer
  monitor: OfMonitor
  /** A column of the file names the monitor of each shot. */
  inFile: boolean
  onChange: (monitor: OfMonitor) => void
}

/** Which monitor measured the shots of a file, and whether another one has them already. */
export function WhichMonitor({ golfer, monitor, inFile, onChange }: Props) {
  const { name, watches } = monitor
  return (
    <section className="sheet p-3 d-grid gap-2" aria-label="The monitor">
      <Form.Group controlId="file-monitor">
        <Form.Label>Which monitor measured them, by your own word for it</Form.Label>
        <Form.Control
          maxLength={MAX_LENGTH.device}
          value={name}
          placeholder="not set"
          onChange={({ target }) =>
            onChange({ name: target.value, watches: watches && (inFile || target.value.trim() !== '') })
          }
        />
      </Form.Group>
      <Form.Check
        id="file-watches"
        label={`${golfer.name} hit these balls before another monitor, whose shots are here: only compare them`}
        checked={watches}
        disabled={name.trim() === '' && !inFile}
        onChange={({ target }) => onChange({ name, watches: target.checked })}
      />
    </section>
  )
}
