import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { useForm, useWatch } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import type { Visit } from '@/core/coach/visit'
import { overlapping } from '@/core/coach/week'
import { localTime } from '@/text/days'
import { listed } from '@/text/numbers'
import { momentOf, momentText } from '../../shared/form/moment-field'
import { NumberOf } from '../../shared/form/number-of'
import { focusProblem } from '../../shared/focus-problem'
import { plain } from '../../shared/form/measure'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { newId } from '../../shared/new-id'
import { TextField } from '../../shared/form/text-field'

type Props = {
  golfers: Pick<Golfer, 'id' | 'name'>[]
  /** Visits that are planned already. */
  planned: readonly Visit[]
  nowMs: number
  onHide: () => void
  onPlanned: () => void
}
type Fields = { golferId: string; at: string; minutes: number | null; toDo: string }

/** Common practice: an hour of hitting and a little before and after. */
const USUAL_MIN = 72
const HOUR_MS = 3_600_000
const MINUTES = plain('minutes', 0)

/** When a golfer comes, and what for. */
export function PlanVisit({ golfers, planned, nowMs, onHide, onPlanned }: Props) {
  const { problems, setProblems, send } = useSubmit()
  const [id] = useState(() => newId())
  const { register, handleSubmit, control, formState } = useForm<Fields>({
    defaultValues: {
      golferId: golfers[0]?.id ?? '',
      at: momentText(Math.ceil(nowMs / HOUR_MS) * HOUR_MS),
      minutes: USUAL_MIN,
      toDo: '',
    },
  })
  const [at, minutes] = useWatch({ control, name: ['at', 'minutes'] })
  const atMs = momentOf(at)
  const others = atMs !== null && minutes ? overlapping(planned, { atMs, minutes } as Visit) : []
  const save = handleSubmit(async (fields) => {
    const atMs = momentOf(fields.at)
    if (atMs === null) return setProblems([{ field: 'atMs', sentence: 'Type the day and the time.' }])
    if (fields.minutes === null)
      return setProblems([{ field: 'minutes', sentence: 'Type how long the visit takes.' }])
    if (Number.isNaN(fields.minutes)) return focusProblem()
    const sent = await send('POST', `/api/golfers/${fields.golferId}/visits`, {
      id,
      atMs,
      offsetMin: -new Date(atMs).getTimezoneOffset(),
      minutes: Math.round(fields.minutes),
      toDo: fields.toDo.trim() || null,
    })
    if (sent.ok) onPlanned()
  })
  return (
    <Modal show onHide={onHide} animation={false} aria-labelledby="visit-title">
      <Form onSubmit={save} noValidate>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="visit-title">
            Plan a visit
          </Modal.Title>
        </Modal.Header>
        <Modal.Body className="d-grid gap-3">
          {golfers.length > 1 && (
            <Form.Group controlId="visit-golfer">
              <Form.Label>Who comes</Form.Label>
              <Form.Select {...register('golferId')}>
                {golfers.map(({ id, name }) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          )}
          <Form.Group controlId="visit-at">
            <Form.Label>When</Form.Label>
            <Form.Control type="datetime-local" {...register('at')} aria-describedby="visit-at-problem" />
            <Problems of={problems} field="atMs" id="visit-at-problem" />
          </Form.Group>
          <NumberOf
            control={control}
            name="minutes"
            label="For"
            labelled="before"
            measure={MINUTES}
            limit="visitMin"
            problems={problems}
          />
          {others.length > 0 && (
            <p className="mb-0" role="status">
              Somebody else is planned then:{' '}
              {listed(
                others.map(
                  (other) => `${localTime(other.atMs, other.offsetMin)} for ${other.minutes} minutes`,
                ),
              )}
              .
            </p>
          )}
          <TextField
            label="What it is to do"
            text="toDo"
            rows={2}
            placeholder="empty: what is open when they come"
            {...register('toDo')}
          />
          <Problems of={problems} field="" />
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit" disabled={formState.isSubmitting}>
            Plan it
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
