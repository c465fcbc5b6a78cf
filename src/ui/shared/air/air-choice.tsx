'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { COMPARE_IN, type CompareIn, type Golfer } from '@/core/golfer'
import type { Problem } from '@/core/problem'
import { send } from '../send'
import { Problems } from '../shell/problems'

const COMPARE_NAME: Record<CompareIn, string> = { 'as-hit': 'as hit', reference: 'in one stated air' }

/** Whether carries are compared as they were hit, or all in the golfer's reference air. */
export function AirChoice({ golfer }: { golfer: Golfer }) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const change = async (compareIn: CompareIn) => {
    const sent = await send('PATCH', `/api/golfers/${golfer.id}`, { compareIn })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.refresh()
  }
  return (
    <>
      <label className="school">
        <span className="quiet">Carries</span>
        <Form.Select value={golfer.compareIn} onChange={(event) => change(event.target.value as CompareIn)}>
          {COMPARE_IN.map((each) => (
            <option key={each} value={each}>
              {COMPARE_NAME[each]}
            </option>
          ))}
        </Form.Select>
      </label>
      <Problems of={problems} />
    </>
  )
}
