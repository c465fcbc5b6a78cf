'use client'

import { useRouter } from 'next/navigation'
import Button from 'react-bootstrap/Button'
import type { GolferId, SessionId } from '@/core/model/ids'
import { useSubmit } from '../../shared/use-submit'
import { Problems } from '../../shared/shell/problems'

/** Something hurt: stop, and who can help. A slip of the finger is taken back. */
export function InjuryStop({ golferId, sessionId }: { golferId: GolferId; sessionId: SessionId }) {
  const router = useRouter()
  const { problems, send } = useSubmit()
  const slip = async () => {
    const sent = await send('PATCH', `/api/sessions/${sessionId}`, { injuryStop: false })
    if (sent.ok) router.push(`/golfers/${golferId}/bay?session=${sessionId}`)
  }
  return (
    <section className="sheet held mb-3" aria-label="Something hurts">
      <b>Stop here for today.</b> Every shot is kept. Rest what hurts; if it does not go away, or comes back
      with the next swing, see a doctor or a physiotherapist before you hit again.
      <div className="btns">
        <Button variant="outline" onClick={slip}>
          Tapped by mistake, continue
        </Button>
      </div>
      <Problems of={problems} />
    </section>
  )
}
