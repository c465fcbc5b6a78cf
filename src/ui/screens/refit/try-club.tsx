import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { LOFT_DEG } from '@/core/bag/club'
import type { Golfer } from '@/core/model/golfer'
import { LIMITS } from '@/core/model/limits'
import type { Problem } from '@/core/model/problem'
import type { Fix } from '@/core/refit/fixes'
import { len } from '@/text/numbers'
import { measuresOf, plain } from '../../shared/form/measure'
import { NumberField } from '../../shared/form/number-field'

type Props = { golfer: Golfer; onTry: (fix: Fix) => void }

/** A club to try, by its loft and, where it is known, by what it carries: a friend's hybrid, a demo club. */
export function TryClub({ golfer, onTry }: Props) {
  const [loftDeg, setLoft] = useState<number | null>(null)
  const [carryM, setCarry] = useState<number | null>(null)
  const [problems, setProblems] = useState<Problem[]>([])
  const tryIt = () => {
    const found = problemsOf(loftDeg, carryM, golfer)
    setProblems(found)
    if (found.length > 0 || loftDeg === null) return
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
        value={loftDeg}
        field="loftDeg"
        problems={problems}
        example="20"
        size="sm"
        onChange={setLoft}
      />
      <NumberField
        label="Its carry, if known"
        measure={measuresOf(golfer).carry}
        value={carryM}
        field="carryM"
        problems={problems}
        example={len(162, golfer)}
        size="sm"
        onChange={setCarry}
      />
      <Button type="submit" size="sm" variant="outline">
        Add
      </Button>
    </Form>
  )
}

function problemsOf(loftDeg: number | null, carryM: number | null, golfer: Golfer): Problem[] {
  const { least, most } = LIMITS.carryM
  const isLoft = loftDeg !== null && loftDeg > LOFT_DEG.least && loftDeg <= LOFT_DEG.most
  const isCarry = carryM === null || (carryM >= least && carryM <= most)
  return [
    ...(isLoft
      ? []
      : [{ field: 'loftDeg', sentence: `Type its loft in degrees, at most ${LOFT_DEG.most}.` }]),
    ...(isCarry
      ? []
      : [
          {
            field: 'carryM',
            sentence: `Type a carry from ${len(least, golfer)} to ${len(most, golfer)} ${golfer.lengthUnit}, or leave it empty.`,
          },
        ]),
  ]
}
