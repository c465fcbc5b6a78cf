import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId, GolferId } from '@/core/ids'
import type { Fix } from '@/core/refit/fixes'
import { fixesSentence } from '@/text/refit'
import { MomentField, momentOf, momentText } from '../../shared/form/moment-field'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Props = { golferId: GolferId; fixes: Fix[]; name: (id: ClubId) => string; onDone: () => void }

/** What lies on the bench was done: from that moment on the clubs are others, and their earlier shots say what is expected. */
export function MarkDone({ golferId, fixes, name, onDone }: Props) {
  const router = useRouter()
  const [when, setWhen] = useState<string | null>(null)
  const { problems, setProblems, send } = useSubmit()
  // Gripping down changes no club: it is a swing.
  const done = fixes.filter(({ kind }) => kind !== 'grip')
  if (done.length === 0) return null
  if (when === null)
    return (
      <p className="no-print mark-done">
        <Button variant="outline" onClick={() => setWhen(momentText(Date.now()))}>
          It was done
        </Button>{' '}
        <span className="quiet">once the clubs are as on the bench: {fixesSentence(done, name)}</span>
      </p>
    )
  return (
    <Form
      className="sheet no-print mark-done asking"
      aria-label="It was done"
      onSubmit={async (event) => {
        event.preventDefault()
        const sinceMs = momentOf(when)
        if (sinceMs === null)
          return setProblems([{ field: 'sinceMs', sentence: 'Say the day and time when it was done.' }])
        const sent = await send('POST', `/api/golfers/${golferId}/done-refits`, { fixes: done, sinceMs })
        if (!sent.ok) return
        setWhen(null)
        onDone()
        router.refresh()
      }}
    >
      <h2>It was done: {fixesSentence(done, name)}</h2>
      <div className="p-3 d-grid gap-2">
        <MomentField
          label="Since when the clubs are so"
          field="sinceMs"
          value={when}
          problems={problems}
          onChange={setWhen}
        />
        <p className="quiet mb-0">
          Shots from then on are a stock of their own; those from before stay as they are, and say what is
          expected. It can be taken back.
        </p>
        <Problems of={problems} field="" />
        <div className="d-flex gap-2">
          <Button type="submit">Mark it done</Button>
          <Button variant="outline" onClick={() => setWhen(null)}>
            Not yet
          </Button>
        </div>
      </div>
    </Form>
  )
}
