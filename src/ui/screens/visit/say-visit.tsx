import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm, useWatch } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import { FOLLOW_UP_IN, type FollowUpIn, type Visit } from '@/core/coach/visit'
import { focusProblem } from '../../shared/focus-problem'
import { areNumbers, plain } from '../../shared/form/measure'
import { momentOf, momentText } from '../../shared/form/moment-field'
import { NumberOf } from '../../shared/form/number-of'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'
import { TextField } from '../../shared/form/text-field'

type Fields = {
  at: string
  toDo: string
  words: string
  after: number | null
  unit: FollowUpIn
  look: string
}
const PLAIN = plain('', 0)

/** What a coach says of a visit: its day, what it is to do, the words of the report, and when to ask. */
export function SayVisit({ golfer, visit }: { golfer: Golfer; visit: Visit }) {
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const [saved, setSaved] = useState(false)
  // What stands in the fields was read then: what somebody else says meanwhile is not written over.
  const [read, setRead] = useState(visit.changes)
  const { register, handleSubmit, control } = useForm<Fields>({
    defaultValues: {
      at: momentText(visit.atMs),
      toDo: visit.toDo ?? '',
      words: visit.words ?? '',
      after: visit.followUp?.after ?? null,
      unit: visit.followUp?.in ?? 'weeks',
      look: visit.followUp?.look ?? '',
    },
  })
  const after = useWatch({ control, name: 'after' })
  const save = (ended?: boolean) =>
    handleSubmit(async (fields) => {
      const atMs = momentOf(fields.at)
      if (atMs === null) return setProblems([{ field: 'atMs', sentence: 'Type the day and the time.' }])
      if (!areNumbers(fields)) return focusProblem()
      const sent = await send<{ changes: number }>('PATCH', `/api/visits/${encodeURIComponent(visit.id)}`, {
        changes: read,
        atMs,
        offsetMin: atMs === visit.atMs ? visit.offsetMin : -new Date(atMs).getTimezoneOffset(),
        toDo: fields.toDo.trim() || null,
        words: fields.words.trim() || null,
        followUp:
          fields.after === null
            ? null
            : { after: Math.round(fields.after), in: fields.unit, look: fields.look.trim() || null },
        ...(ended !== undefined && { ended }),
      })
      setSaved(sent.ok)
      if (!sent.ok) return
      setRead(sent.value.changes)
      router.refresh()
    })
  const drop = async () => {
    const sent = await send('DELETE', `/api/visits/${encodeURIComponent(visit.id)}`)
    if (sent.ok) router.push('/desk')
  }
  const report = (kind: string) =>
    `/api/golfers/${golfer.id}/paper?kind=${kind}&visit=${encodeURIComponent(visit.id)}`
  const held = visit.endedMs !== null
  return (
    <Form
      className="sheet p-3 d-grid gap-3"
      aria-label="Your notes"
      onSubmit={save()}
      onChange={() => setSaved(false)}
      noValidate
    >
      <TextField
        label="Your words for the report"
        text="coachWords"
        rows={6}
        placeholder="what you saw, what to keep, what to leave alone"
        {...register('words')}
      />
      <fieldset>
        <legend className="fs-6 mb-1">Ask how it went</legend>
        <div className="d-flex flex-wrap gap-2 align-items-center">
          <NumberOf
            control={control}
            name="after"
            label="after"
            labelled="before"
            measure={PLAIN}
            limit="followAfter"
          />
          <Form.Select className="w-auto" aria-label="Rounds or weeks" {...register('unit')}>
            {FOLLOW_UP_IN.map((unit) => (
              <option key={unit} value={unit}>
                {unit}
              </option>
            ))}
          </Form.Select>
        </div>
        <Problems of={problems} field="after" />
        <TextField
          className="mt-2"
          label="What to look at then"
          labelled="unseen"
          text="look"
          placeholder="what to look at then"
          disabled={after === null}
          {...register('look')}
        />
      </fieldset>
      <details>
        <summary>Its day, and what it is to do</summary>
        <div className="d-grid gap-2 mt-2">
          <Form.Control type="datetime-local" aria-label="When" {...register('at')} />
          <Problems of={problems} field="atMs" />
          <TextField label="What it is to do" labelled="unseen" text="toDo" rows={2} {...register('toDo')} />
        </div>
      </details>
      <Problems of={problems} field="" />
      <div className="d-flex flex-wrap gap-2 align-items-center">
        <Button type="submit" variant={held ? 'primary' : 'outline'}>
          Save
        </Button>
        {held ? (
          <Button variant="outline" onClick={save(false)}>
            Reopen
          </Button>
        ) : (
          <Button onClick={save(true)}>Save, and the visit is over</Button>
        )}
        <span role="status">{saved ? 'Saved.' : ''}</span>
      </div>
      <div className="d-flex flex-wrap gap-2 border-top pt-3">
        <a className="btn btn-outline" href={report('report')} target="_blank" rel="noreferrer">
          The report, A4
        </a>
        <a className="btn btn-outline" href={report('report-letter')} target="_blank" rel="noreferrer">
          Letter
        </a>
        {!held && visit.words === null && (
          <Button variant="outline" onClick={drop}>
            Take it off the desk
          </Button>
        )}
      </div>
    </Form>
  )
}
