import Link from 'next/link'
import Button from 'react-bootstrap/Button'
import type { BayView } from '@/views/bay-view'

type Props = {
  view: BayView
  /** Null until the page is live. */
  nowMs: number | null
  onContinue: () => void
}

/** For so long the way back is the first button. */
const BACK_MS = 10_000

/** Something hurts: what that does, said big and in place, and the way back for a tap by mistake. */
export function Stopped({ view: { golfer, session }, nowMs, onContinue }: Props) {
  const early = nowMs === null || nowMs - (session.injuryStopMs ?? 0) < BACK_MS
  return (
    <section className="sheet held stopped" role="alert" aria-label="Something hurts">
      <h2>Stopped. Do not hit another ball today.</h2>
      <p>
        Banco takes no more shots. Every shot so far is kept. Rest what hurts. If it does not go away, or
        comes back with the next swing, see a doctor or a physiotherapist before you hit again.
      </p>
      <div className="btns">
        <Button variant={early ? 'primary' : 'outline'} onClick={onContinue}>
          Tapped by mistake, continue
        </Button>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/sessions/${session.id}`}>
          See the session
        </Link>
      </div>
    </section>
  )
}
