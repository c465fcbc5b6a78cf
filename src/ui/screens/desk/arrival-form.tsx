import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import Modal from 'react-bootstrap/Modal'
import { useForm } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import type { Place } from '@/core/model/session'
import type { LengthUnit, SpeedUnit } from '@/core/units'
import { PLACE_NAME } from '@/text/names'
import { listed } from '@/text/numbers'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { newId } from '../../shared/new-id'
import { TextField } from '../../shared/form/text-field'
import { Options } from '../../shared/form/options'

type Props = {
  templates: { key: string; name: string }[]
  /** Golfers whose bag can be copied. */
  others: Pick<Golfer, 'id' | 'name'>[]
  units: { lengthUnit: LengthUnit; speedUnit: SpeedUnit }
  /** Who takes the monitors' shots now. */
  receiving: string[]
  onHide: () => void
}
type Fields = { name: string; hand: 'right' | 'left'; bag: string; place: Place; receives: boolean }

/** A golfer who stands in the bay and is new: name, hand, bag, and the first ball. */
export function ArrivalForm({ templates, others, units, receiving, onHide }: Props) {
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  // The same arrival, however often it is sent.
  const [ids] = useState(() => ({ golferId: newId(), sessionId: newId() }))
  const { register, handleSubmit, formState } = useForm<Fields>({
    defaultValues: {
      name: '',
      hand: 'right',
      bag: `template ${templates[0]?.key ?? ''}`,
      place: 'indoor',
      receives: true,
    },
  })
  const start = handleSubmit(async ({ bag, ...fields }) => {
    const name = fields.name.trim()
    if (name === '')
      return setProblems([
        { field: 'name', sentence: 'The name is empty: type the name that the card should carry.' },
      ])
    const [kind, which] = [bag.slice(0, bag.indexOf(' ')), bag.slice(bag.indexOf(' ') + 1)]
    const sent = await send<{ golferId: string }>('POST', '/api/desk/arrivals', {
      ...fields,
      ...ids,
      ...units,
      name,
      bag: kind === 'copy' ? { copyOf: which } : { template: which },
      offsetMin: -new Date().getTimezoneOffset(),
      rangeClear: true,
    })
    if (sent.ok) router.push(`/golfers/${sent.value.golferId}/bay`)
  })
  return (
    <Modal show onHide={onHide} animation={false} aria-labelledby="arrival-title">
      <Form onSubmit={start} noValidate>
        <Modal.Header closeButton>
          <Modal.Title as="h2" id="arrival-title">
            Who is new?
          </Modal.Title>
        </Modal.Header>
        <Modal.Body className="d-grid gap-3">
          <TextField
            label="Name"
            text="golfer"
            {...register('name')}
            autoFocus
            autoComplete="off"
            problems={problems}
            field="name"
          />
          <Form.Group controlId="arrival-hand">
            <Form.Label>Plays</Form.Label>
            <Form.Select {...register('hand')}>
              <option value="right">right-handed</option>
              <option value="left">left-handed</option>
            </Form.Select>
          </Form.Group>
          <Form.Group controlId="arrival-bag">
            <Form.Label>Bag, to be corrected later</Form.Label>
            <Form.Select {...register('bag')}>
              <optgroup label="Usual ones">
                {templates.map(({ key, name }) => (
                  <option key={key} value={`template ${key}`}>
                    {name}
                  </option>
                ))}
              </optgroup>
              {others.length > 0 && (
                <optgroup label="Copied from">
                  {others.map(({ id, name }) => (
                    <option key={id} value={`copy ${id}`}>
                      {name}
                    </option>
                  ))}
                </optgroup>
              )}
            </Form.Select>
            <Problems of={problems} field="bag" />
          </Form.Group>
          <Form.Group controlId="arrival-place">
            <Form.Label>Where</Form.Label>
            <Form.Select {...register('place')}>
              <Options names={PLACE_NAME} />
            </Form.Select>
          </Form.Group>
          <Form.Check
            id="arrival-receives"
            label={
              receiving.length > 0
                ? `The monitor’s shots go to them from now on, no longer to ${listed(receiving)}`
                : 'The monitors’ shots are theirs from now on'
            }
            {...register('receives')}
          />
          <Problems of={problems} field="" />
        </Modal.Body>
        <Modal.Footer>
          <Button type="submit" disabled={formState.isSubmitting}>
            All clear, start
          </Button>
        </Modal.Footer>
      </Form>
    </Modal>
  )
}
