import { useForm } from 'react-hook-form'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { LETTERS } from '@/core/limits'
import { Problems } from '../../shared/shell/problems'
import { Switch } from '../../shared/form/switch'
import { useSubmit } from '../../shared/use-submit'

type Props = { coach: string | null; wanted: boolean; alone: boolean }

/** Whose desk it is, as reports carry it. */
export function CoachName({ coach, wanted, alone }: Props) {
  const { problems, submit } = useSubmit()
  const { register, handleSubmit, formState } = useForm({ values: { coach: coach ?? '' } })
  const save = (change: { coach?: string | null; wanted?: boolean }) =>
    submit('PUT', '/api/desk', { coach, wanted, ...change })
  return (
    <section className="sheet p-3" aria-label="The desk">
      <Form onSubmit={handleSubmit((fields) => save({ coach: fields.coach.trim() || null }))}>
        <Form.Group controlId="coach">
          <Form.Label>Your name, as reports carry it</Form.Label>
          <div className="d-flex gap-2">
            <Form.Control {...register('coach')} maxLength={LETTERS.golfer} autoComplete="name" />
            <Button type="submit" variant="outline" disabled={!formState.isDirty}>
              Save
            </Button>
          </div>
        </Form.Group>
      </Form>
      {alone && (
        <div className="mt-2">
          <Switch
            id="desk-wanted"
            label="Show the desk for one golfer too"
            checked={wanted}
            onChange={(on) => save({ wanted: on })}
          />
        </div>
      )}
      <Problems of={problems} />
    </section>
  )
}
