'use client'

import { useEffect } from 'react'
import Button from 'react-bootstrap/Button'
import { useNow } from '../../shared/use-now'

type Props = { untilMs: number; onOver: () => void }

/** A rest that counts down. The next shot ends it, and so does a tap. */
export function RestTimer({ untilMs, onOver }: Props) {
  const now = useNow(500)
  const left = now === null ? 0 : Math.ceil((untilMs - now) / 1000)
  const over = now !== null && left <= 0
  useEffect(() => {
    if (over) onOver()
  }, [over, onOver])
  return (
    <section className="sheet advice rest" role="timer" aria-label="Rest">
      <span>
        Rest:{' '}
        <b className="num">{`${Math.floor(Math.max(0, left) / 60)}:${String(Math.max(0, left) % 60).padStart(2, '0')}`}</b>
        . Put the club down and drink something.
      </span>
      <Button variant="outline" onClick={onOver}>
        Continue now
      </Button>
    </section>
  )
}
