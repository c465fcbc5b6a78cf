import Link from 'next/link'
import Button from 'react-bootstrap/Button'
import { count } from '@/text/numbers'
import type { BayView } from '@/views/bay-view'
import type { BayActions } from './use-bay'

/** Whose shots the monitor's are: said on every open Bay, taken over in one tap, never by itself. */
export function ReceivingLine({ view, bay }: { view: BayView; bay: BayActions }) {
  const { receiving, waiting, session } = view
  const { watching, elsewhere, nowhere } = receiving
  const here = receiving.here.filter((monitor) => !watching.includes(monitor))
  const came = waiting.reduce((sum, { shots }) => sum + shots, 0)
  const name = (monitor: string) => (monitor === '' ? 'the monitor' : monitor)
  const several = receiving.here.length + elsewhere.length + nowhere.length > 1
  const receive = (monitor: string) => () => void bay.receive(several ? monitor : null)
  const button = (monitor: string) => (
    <Button key={monitor} onClick={receive(monitor)}>
      Receive {several ? `${name(monitor)} ` : ''}here
    </Button>
  )
  const both = here.filter((monitor) => view.shots.some((shot) => shot.monitor === monitor))
  const compare = (monitor: string) =>
    `/golfers/${view.golfer.id}/monitors?${new URLSearchParams({ first: here[0] ?? '', second: monitor })}`
  const cameMeanwhile = came > 0 && (
    <div className="sheet elsewhere">
      <span>
        <b>{count(came, 'shot came', 'shots came')} while no session was open.</b>{' '}
        {came === 1 ? 'It does' : 'They do'} not count yet.
      </span>
      <Button variant="outline" onClick={() => void bay.claim(waiting.map(({ id }) => id))}>
        {came === 1 ? 'It is mine' : 'They are mine'}
      </Button>
    </div>
  )
  if (session.injuryStopMs !== null) return cameMeanwhile || null
  return (
    <div role="region" aria-label="Receiving" className="receiving">
      {here.length > 0 && (
        <p className={`sheet here ${bay.live ? '' : 'lost'}`} role="status">
          <b>{bay.live ? 'Receiving' : 'Not connected'}</b>{' '}
          {bay.live
            ? `${here.map(name).join(' and ')}: ${here.length > 1 ? 'their' : 'its'} shots land here.`
            : 'to Banco: it is tried again by itself.'}
        </p>
      )}
      {both.length > 1 && (
        <div className="sheet elsewhere">
          <span>Do they see the same balls? Then one takes the shots and the other is compared.</span>
          {both.map((monitor) => (
            <Button key={monitor} variant="outline" onClick={() => void bay.watch(monitor, true)}>
              {name(monitor)} only watches
            </Button>
          ))}
        </div>
      )}
      {watching.map((monitor) => (
        <div key={monitor} className="sheet elsewhere">
          <span>
            <b>{monitor} watches:</b> what it reads is <Link href={compare(monitor)}>compared</Link>, and in
            no stock.
          </span>
          <Button variant="outline" onClick={() => void bay.watch(monitor, false)}>
            Let its shots count
          </Button>
        </div>
      ))}
      {elsewhere.map(({ monitor, golfer }) => (
        <div key={monitor} className="sheet elsewhere">
          <span>
            <b>Not receiving:</b> the shots of {name(monitor)} go to {golfer}.
          </span>
          {button(monitor)}
        </div>
      ))}
      {nowhere.map((monitor) => (
        <div key={monitor} className="sheet elsewhere">
          <span>
            <b>Not receiving:</b> the shots of {name(monitor)} go to nobody, and wait.
          </span>
          {button(monitor)}
        </div>
      ))}
      {cameMeanwhile}
    </div>
  )
}
