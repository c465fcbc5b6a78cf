import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { ClubId, GolferId } from '@/core/model/ids'
import type { Fix } from '@/core/refit/fixes'
import { atHead } from '@/text/numbers'
import { fixesSentence } from '@/text/refit'
import { MomentField, momentOf, momentText } from '../../shared/form/moment-field'
import { Problems } from '../../shared/shell/problems'
import { useSubmit } from '../../shared/use-submit'

type Props = { golferId: GolferId; fixes: Fix[]; name: (id: ClubId) => string; onDone: () => void }

/** The changes on the ladder were made: from that moment on the clubs are others, and their earlier shots say what is expected. */
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
          Mark as done
        </Button>{' '}
        <span className="quiet">when you have done this: {fixesSentence(done, name)}</span>
      </p>
    )
  return (
    <Form
      className="sheet no-print mark-done asking"
      aria-label="Mark as done"
      onSubmit={async (event) => {
        event.preventDefault()
        const sinceMs = momentOf(when)
        if (sinceMs === null)
          return setProblems([{ field: 'sinceMs', sentence: 'Type the day and time when it was done.' }])
        const sent = await send('POST', `/api/golfers/${golferId}/done-refits`, { fixes: done, sinceMs })
        if (!sent.ok) return
        setWhen(null)
        onDone()
        router.refresh()
      }}
    >
      <h2>Mark as done</h2>
      <p className="px-3 pt-2 mb-0">{atHead(fixesSentence(done, name))}.</p>
      <div className="p-3 d-grid gap-2">
        <MomentField label="Done on" field="sinceMs" value={when} problems={problems} onChange={setWhen} />
        <p className="quiet mb-0">
          Shots from then on get their own yardage. Earlier shots stay, and give the expected carry. You can
          undo this.
        </p>
        <Problems of={problems} field="" />
        <div className="d-flex gap-2">
          <Button type="submit">Save</Button>
          <Button variant="outline" onClick={() => setWhen(null)}>
            Cancel
          </Button>
        </div>
      </div>
    </Form>
  )
}
