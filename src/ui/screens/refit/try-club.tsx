import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { Problem } from '@/core/model/problem'
import type { Fix } from '@/core/refit/fixes'
import { measuresOf, plain } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'

type Props = { golfer: Golfer; onTry: (fix: Fix) => void }

/** A club to try, by its loft and, where it is known, by what it carries: a friend's hybrid, a demo club. */
export function TryClub({ golfer, onTry }: Props) {
  const [loftDeg, setLoft] = useState<number | null>(null)
  const [carryM, setCarry] = useState<number | null>(null)
  const [problems, setProblems] = useState<Problem[]>([])
  const tryIt = () => {
    const isEmpty = loftDeg === null || loftDeg === 0
    setProblems(isEmpty ? [{ field: 'loftDeg', sentence: 'Type its loft in degrees.' }] : [])
    if (isEmpty || Number.isNaN(loftDeg) || Number.isNaN(carryM)) return
    onTry({ kind: 'add', loftDeg, ...(carryM !== null && { carryM }) })
    setLoft(null)
    setCarry(null)
  }
  return (
    <Form
      className="try-club"
      aria-label="Try a club"
      noValidate
      onSubmit={(event) => {
        event.preventDefault()
        tryIt()
      }}
    >
      <NumberField
        label="Loft of a club to try"
        measure={plain('°', 1)}
        limit="loftDeg"
        value={loftDeg}
        field="loftDeg"
        problems={problems}
        size="sm"
        onChange={setLoft}
      />
      <NumberField
        label="Its carry, if known"
        measure={measuresOf(golfer).carry}
        limit="carryM"
        value={carryM}
        size="sm"
        onChange={setCarry}
      />
      <Button type="submit" size="sm" variant="outline">
        Add
      </Button>
    </Form>
  )
}
