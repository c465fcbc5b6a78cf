import { useForm } from 'react-hook-form'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { TextField } from '../../shared/form/text-field'

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
        <div className="d-flex gap-2 align-items-end">
          <TextField
            className="flex-grow-1"
            label="Your name, as reports carry it"
            text="golfer"
            {...register('coach')}
            autoComplete="name"
          />
          <Button type="submit" variant="outline" disabled={!formState.isDirty}>
            Save
          </Button>
        </div>
      </Form>
      <Problems of={problems} />
    </section>
  )
}
