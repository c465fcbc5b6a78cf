'use client'

import { DAY_MS } from '@/core/units'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { Problem } from '@/core/model/problem'
import { useOpenRound } from '../../shared/course/use-open-round'
import { momentOf, MomentField, momentText } from '../../shared/form/moment-field'
import { Problems } from '../../shared/shell/problems'
import { TextField } from '../../shared/form/text-field'

/** A round is opened with a place and a day: now, or one that is remembered. */
export function OpenRound({ golfer, venues }: { golfer: Golfer; venues: string[] }) {
  const router = useRouter()
  const { problems: refused, open } = useOpenRound(golfer)
  const [venue, setVenue] = useState(venues[0] ?? '')
  const [past, setPast] = useState<string | null>(null)
  const [competition, setCompetition] = useState(false)
  const [problems, setProblems] = useState<Problem[]>([])
  const begin = async () => {
    const openedMs = past === null ? Date.now() : momentOf(past)
    if (openedMs === null || openedMs > Date.now() + 60_000)
      return setProblems([
        { field: 'openedMs', sentence: 'Type the day and the time at which the round began, in the past.' },
      ])
    const id = await open({ place: venue.trim() || null, competition, day: null, openedMs })
    if (id) router.push(`/golfers/${golfer.id}/rounds/${id}`)
  }
  return (
    <div className="open-round">
      <TextField
        label="Place"
        text="place"
        value={venue}
        suggestions={venues}
        placeholder="not set"
        onChange={({ target }) => setVenue(target.value)}
      />
      {past !== null && (
        <MomentField label="It began" field="openedMs" value={past} problems={problems} onChange={setPast} />
      )}
      <Form.Check
        id="round-competition"
        label="It is a competition round"
        checked={competition}
        onChange={({ target }) => setCompetition(target.checked)}
      />
      <div className="d-flex flex-wrap gap-2">
        <Button onClick={begin}>{past === null ? 'Open a round now' : 'Write it down'}</Button>
        <Button
          variant="outline"
          onClick={() => setPast(past === null ? momentText(Date.now() - DAY_MS) : null)}
        >
          {past === null ? 'One from memory' : 'No, one of now'}
        </Button>
      </div>
      <Problems of={refused} />
    </div>
  )
}
