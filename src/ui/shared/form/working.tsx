import Button from 'react-bootstrap/Button'
import ProgressBar from 'react-bootstrap/ProgressBar'

type Props = { activity: string; done: number; of: number; what: string; onStop: (() => void) | null }

/** The progress of a long work, with a button to stop it. */
export function Working({ activity, done, of, what, onStop }: Props) {
  return (
    <section className="sheet p-3 mb-3 d-flex gap-3 align-items-center">
      <ProgressBar className="flex-grow-1" now={of ? (100 * done) / of : 0} aria-label={activity} />
      <span className="num" role="status">
        {done.toLocaleString('en')} of {of.toLocaleString('en')} {what}
      </span>
      <Button variant="outline" disabled={onStop === null} onClick={() => onStop?.()}>
        Stop
      </Button>
    </section>
  )
}
