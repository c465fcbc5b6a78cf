'use client'

import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useForm } from 'react-hook-form'
import type { Golfer } from '@/core/model/golfer'
import type { Stock } from '@/core/stock/stock'
import { measuresOf } from '../../shared/form/measure'
import { NumberOf } from '../../shared/form/number-of'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'
import { lenUnit } from '@/text/numbers'

type Fields = { carryM: number | null; because: string }

/** A number that the golfer plays instead, with the reason; the measured one stays. */
export function ByHand({ golfer, stock, title }: { golfer: Golfer; stock: Stock; title: string }) {
  const { problems, setProblems, submit } = useSubmit()
  const { byHand, clubId, swing } = stock
  const { register, handleSubmit, control } = useForm<Fields>({
    defaultValues: { carryM: byHand?.carryM ?? null, because: byHand?.because ?? '' },
  })
  const set = async (carryM: number | null, because: string) => {
    const form = { clubId, swing, carryM, because }
    await submit('POST', `/api/golfers/${golfer.id}/hand-stocks`, form)
  }
  const save = handleSubmit(({ carryM, because }) => {
    if (carryM === null || Number.isNaN(carryM)) {
      const sentence = `That is no carry: type a number in ${golfer.lengthUnit}, such as 129.`
      return setProblems([{ field: 'carryM', sentence }])
    }
    if (because.trim() === '')
      return setProblems([{ field: 'because', sentence: 'Type why you play this number.' }])
    return set(carryM, because.trim())
  })
  return (
    <Form className="by-hand-form" onSubmit={save} noValidate aria-label={`${title} by hand`}>
      <b>{byHand ? `Set by hand to ${lenUnit(byHand.carryM, golfer, 1)}` : 'Set by hand'}</b>
      {byHand?.because && ` “${byHand.because}”`}
      <div className="fields">
        <NumberOf
          control={control}
          name="carryM"
          label={`Carry in ${golfer.lengthUnit}`}
          labelled="unseen"
          measure={measuresOf(golfer).carry}
          size="sm"
          problems={problems}
        />
        <TextField
          className="flex-grow-1"
          label="Reason"
          labelled="unseen"
          text="handReason"
          size="sm"
          {...register('because')}
          placeholder="why, such as: safe over the burn"
        />
        <Button size="sm" type="submit" variant="outline">
          Set
        </Button>
        {byHand && (
          <Button size="sm" variant="outline" onClick={() => set(null, '')}>
            Take it back
          </Button>
        )}
      </div>
      <Problems of={problems} field="because" />
      <Problems of={problems} field="" />
    </Form>
  )
}
