'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { LeftAbout } from '@/core/gaps/kept-as-is'
import type { GolferId } from '@/core/model/ids'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'

type Props = {
  golferId: GolferId
  about: LeftAbout
  /** What it is, for those who hear the button: "8-iron to 9-iron". */
  what: string
  /** The golfer's reason, where it is left already. */
  because?: string | undefined
}

/** A gap, an uncovered distance or a pair that the golfer wants as it is: said with a reason, taken back in one tap. */
export function LeaveOnPurpose({ golferId, about, what, because }: Props) {
  const router = useRouter()
  const [asking, setAsking] = useState(false)
  const [reason, setReason] = useState('')
  const { problems, setProblems, send } = useSubmit()
  const leave = async (why: string | null) => {
    const sent = await send('POST', `/api/golfers/${golferId}/kept-as-is`, { about, because: why })
    if (!sent.ok) return
    setAsking(false)
    setReason('')
    router.refresh()
  }
  if (because !== undefined)
    return (
      <div className="leave no-print">
        <span>
          Kept as is: <q>{because}</q>
        </span>
        <Button size="sm" variant="outline" aria-label={`Judge ${what} again`} onClick={() => leave(null)}>
          Take it back
        </Button>
        <Problems of={problems} />
      </div>
    )
  if (!asking)
    return (
      <Button
        size="sm"
        variant="outline"
        className="leave-ask no-print"
        aria-label={`Keep as is: ${what}`}
        onClick={() => setAsking(true)}
      >
        Keep as is
      </Button>
    )
  return (
    <Form
      className="leave no-print"
      onSubmit={(event) => {
        event.preventDefault()
        if (reason.trim() === '')
          return setProblems([{ field: 'because', sentence: 'Type why you want to keep it.' }])
        void leave(reason.trim())
      }}
    >
      <TextField
        className="flex-grow-1"
        label="Reason"
        labelled="unseen"
        text="reason"
        autoFocus
        size="sm"
        value={reason}
        placeholder="why, such as: the hybrid comes in on long courses"
        onChange={(event) => setReason(event.target.value)}
      />
      <Button size="sm" type="submit" variant="outline">
        Save
      </Button>
      <Button size="sm" variant="outline" onClick={() => setAsking(false)}>
        Cancel
      </Button>
      <Problems of={problems} />
    </Form>
  )
}
