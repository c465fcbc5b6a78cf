'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { Golfer } from '@/core/golfer'
import type { SessionId } from '@/core/ids'
import type { Problem } from '@/core/problem'
import type { AskedAir } from '@/core/session/session-air'
import { MISSING_AIR } from '@/words/day'
import { dayAndTime } from '@/words/days'
import { count } from '@/words/numbers'
import { send } from '../send'
import { Problems } from '../shell/problems'

/** Asks once about sessions whose air nobody said: their shots can be taken to no other air. */
export function AirAsked({ golfer, of }: { golfer: Golfer; of: readonly AskedAir[] }) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  if (of.length === 0) return null
  const leave = async (ids: SessionId[]) => {
    for (const id of ids) {
      const sent = await send('PATCH', `/api/sessions/${encodeURIComponent(id)}`, { airLeft: true })
      if (!sent.ok) return setProblems(sent.problems)
    }
    router.refresh()
  }
  return (
    <section className="sheet air-asked no-print" aria-label="Air that was not said">
      <p>
        <b>The air of {count(of.length, 'session')} is not known.</b> Until it is said, their shots stay as
        hit in every other air.
      </p>
      <ul>
        {of.map(({ id, startedMs, offsetMin, shots, missing }) => (
          <li key={id}>
            {dayAndTime(startedMs, offsetMin)}, {count(shots, 'shot')}: missing is {MISSING_AIR[missing]}.{' '}
            <Link href={`/golfers/${golfer.id}/sessions/${encodeURIComponent(id)}`}>Say it</Link>
          </li>
        ))}
      </ul>
      <Button size="sm" variant="outline" onClick={() => leave(of.map(({ id }) => id))}>
        Leave {of.length === 1 ? 'it' : 'them'} unsaid, and do not ask again
      </Button>
      <Problems of={problems} />
    </section>
  )
}
