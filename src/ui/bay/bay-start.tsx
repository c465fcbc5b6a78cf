'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import type { GolferId, SessionId } from '@/core/ids'
import type { Problem } from '@/core/problem'
import { PLACES, type Place } from '@/core/session/session'
import { send } from '../send'
import { PageHead } from '../shell/page-head'
import { Problems } from '../shell/problems'
import { PLACE_NAME } from '../words/names'
import { count } from '../words/numbers'
import './bay.css'

type Props = { golferId: GolferId; waiting: { id: SessionId; shots: number }[] }

/** Before the first ball: one tap says where, and the Bay opens with the shortest club. */
export function BayStart({ golferId, waiting }: Props) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const start = async (place: Place) => {
    const sent = await send('POST', `/api/golfers/${golferId}/sessions`, {
      place,
      offsetMin: -new Date().getTimezoneOffset(),
    })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.refresh()
  }
  const claim = async (id: SessionId) => {
    const sent = await send('PATCH', `/api/sessions/${id}`, { golferId })
    setProblems(sent.ok ? [] : sent.problems)
    if (sent.ok) router.push(`/golfers/${golferId}/bay?session=${id}`)
  }
  return (
    <>
      <PageHead
        title="Where are you hitting?"
        lede="One tap starts the session with your shortest club. Type each carry, or let a monitor post it."
      />
      <Problems of={problems} />
      <div className="start">
        {PLACES.map((place) => (
          <Button key={place} onClick={() => start(place)}>
            {PLACE_NAME[place].replace(/^./, (letter) => letter.toUpperCase())}
          </Button>
        ))}
      </div>
      {waiting.map(({ id, shots }) => (
        <section key={id} className="sheet held mb-2">
          <b>{count(shots, 'shot')} came from a monitor while nothing was open.</b> They wait for their
          golfer.
          <div className="btns">
            <Button variant="outline" onClick={() => claim(id)}>
              They are mine
            </Button>
          </div>
        </section>
      ))}
    </>
  )
}
