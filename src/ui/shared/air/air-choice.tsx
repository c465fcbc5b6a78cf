'use client'

import Form from 'react-bootstrap/Form'
import type { CompareIn, Golfer } from '@/core/model/golfer'
import { useSubmit } from '../use-submit'
import { Problems } from '../shell/problems'
import { Options } from '../form/options'

const COMPARE_NAME: Record<CompareIn, string> = {
  'as-hit': 'as measured',
  reference: 'in standard conditions',
}

/** Whether carries are compared as they were hit, or all in the golfer's reference air. */
export function AirChoice({ golfer }: { golfer: Golfer }) {
  const { problems, submit } = useSubmit()
  const change = async (compareIn: CompareIn) => {
    await submit('PATCH', `/api/golfers/${golfer.id}`, { compareIn })
  }
  return (
    <>
      <label className="school">
        <span className="quiet">Carries</span>
        <Form.Select value={golfer.compareIn} onChange={(event) => change(event.target.value as CompareIn)}>
          <Options names={COMPARE_NAME} />
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}
