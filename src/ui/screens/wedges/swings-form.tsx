'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import { day } from '@/text/days'
import { swingName } from '@/text/names'
import { definitionLine } from '@/text/wedges'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { FULL_SWING } from '@/core/model/station'
import { areNumbers, PERCENT, plain } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { TextField } from '../../shared/form/text-field'

type Fields = {
  swing: string
  clock: number | null
  lengthShare: number | null
  gripDownCm: number | null
  tempo: string
}
type Props = { golfer: Golfer; definitions: SwingDefinition[] }

/** How each swing is made, kept with its numbers. A swing that is made otherwise from now on starts a new stock. */
export function SwingsForm({ golfer, definitions }: Props) {
  const [opened, setOpened] = useState<string | null>(null)
  const shorter = golfer.swings.filter((swing) => swing !== FULL_SWING)
  const old = definitions.filter(({ untilMs }) => untilMs !== null)
  const definitionOf = (swing: string) => definitions.find((each) => each.swing === swing)
  return (
    <section className="sheet" aria-label="Swings">
      <h2>Swings</h2>
      <div className="p-3 d-grid gap-2">
        {shorter.map((swing) => {
          const definition = definitionOf(swing)
          return (
            <div key={swing}>
              <b>{swingName(swing)}</b>: {definition ? definitionLine(definition) : 'not defined'}{' '}
              <Button
                size="sm"
                variant="outline"
                aria-expanded={opened === swing}
                aria-label={`Define ${swingName(swing)}`}
                onClick={() => setOpened(opened === swing ? null : swing)}
              >
                {definition ? 'Change' : 'Define'}
              </Button>
              {opened === swing && (
                <DefinitionForm
                  golfer={golfer}
                  swing={swing}
                  definition={definition}
                  onDone={() => setOpened(null)}
                />
              )}
            </div>
          )
        })}
        {opened === '' ? (
          <DefinitionForm golfer={golfer} swing="" onDone={() => setOpened(null)} />
        ) : (
          <Button variant="outline" className="justify-self-start" onClick={() => setOpened('')}>
            A swing of your own
          </Button>
        )}
        {old.length > 0 && (
          <p className="quiet mb-0">
            {old
              .map(
                (each) =>
                  `${swingName(each.swing)}, until ${day(each.untilMs as number)}: ${definitionLine(each)}`,
              )
              .join('; ')}
            . Their stocks stay in the table.
          </p>
        )}
      </div>
    </section>
  )
}

type FormProps = {
  golfer: Golfer
  swing: string
  definition?: SwingDefinition | undefined
  onDone: () => void
}

function DefinitionForm({ golfer, swing, definition, onDone }: FormProps) {
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const { register, handleSubmit, control } = useForm<Fields>({
    defaultValues: {
      swing,
      clock: definition?.clock ?? null,
      lengthShare: definition?.lengthShare ?? null,
      gripDownCm: definition?.gripDownCm || null,
      tempo: definition?.tempo ?? '',
    },
  })
  const save = handleSubmit(async (fields) => {
    if (!areNumbers(fields))
      return setProblems([
        { field: '', sentence: 'One of the numbers is not a number: type it anew, or empty it.' },
      ])
    const name = fields.swing.trim()
    if (!name)
      return setProblems([
        { field: 'swing', sentence: 'A swing needs a name, such as “quarter” or “pitch”.' },
      ])
    const sent = await send('PUT', `/api/golfers/${golfer.id}/swings`, {
      swing: name,
      clock: fields.clock,
      lengthShare: fields.lengthShare,
      gripDownCm: fields.gripDownCm ?? 0,
      tempo: fields.tempo.trim() || null,
    })
    if (!sent.ok) return
    onDone()
    router.refresh()
  })
  return (
    <Form
      className="swing-form"
      onSubmit={save}
      noValidate
      aria-label={swing ? `${swingName(swing)} is made` : 'A new swing'}
    >
      {swing === '' && <TextField label="Name" text="swing" {...register('swing')} autoFocus />}
      <NumberOf control={control} name="clock" label="Arm at" measure={plain('o’clock', 1)} placeholder="9" />
      <NumberOf control={control} name="lengthShare" label="or length" measure={PERCENT} placeholder="75" />
      <NumberOf
        control={control}
        name="gripDownCm"
        label="Gripped down"
        measure={plain('cm', 1)}
        placeholder="0"
      />
      <TextField label="Tempo" text="tempo" {...register('tempo')} placeholder="as usual" />
      <Button type="submit">Keep it</Button>
      <Problems of={problems} />
    </Form>
  )
}
