import { useForm } from 'react-hook-form'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { MAX_LENGTH } from '@/core/model/limits'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Props = { coach: string | null; wanted: boolean }

/** Whose desk it is, as reports carry it. */
export function CoachName({ coach, wanted }: Props) {
  const { problems, submit } = useSubmit()
  const { register, handleSubmit, formState } = useForm({ values: { coach: coach ?? '' } })
  return (
    <section className="sheet p-3" aria-label="The desk">
      <Form
        onSubmit={handleSubmit((fields) =>
          submit('PUT', '/api/desk', { coach: fields.coach.trim() || null, wanted }),
        )}
      >
        <Form.Group controlId="coach">
          <Form.Label>Your name, as reports carry it</Form.Label>
          <div className="d-flex gap-2">
            <Form.Control {...register('coach')} maxLength={MAX_LENGTH.golfer} autoComplete="name" />
            <Button type="submit" variant="outline" disabled={!formState.isDirty}>
              Save
            </Button>
          </div>
        </Form.Group>
      </Form>
      <Problems of={problems} />
    </section>
  )
}
