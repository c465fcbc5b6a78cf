'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState, type ChangeEvent } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Golfer } from '@/core/model/golfer'
import type { Problem } from '@/core/model/problem'
import { count, listed } from '@/text/numbers'
import type { KeptOfGolfer } from '@/views/kept-of-golfer'
import { send, sendText, type Sent } from '../../shared/send'
import { Problems } from '../../shared/shell/problems'
import { Restore, type CopyShown } from '../../shared/data/restore'

type Props = {
  golfer: Golfer
  copies: CopyShown[]
  kept: KeptOfGolfer
  nowMs: number
}

/** What Banco keeps: out as files, in again, and gone for good. */
export function GolferData({ golfer, copies, kept, nowMs }: Props) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const [message, setMessage] = useState('')
  const [exported, setExported] = useState(false)
  const [name, setName] = useState('')
  const golferFile = useRef<HTMLInputElement>(null)
  const done = (sent: Sent<unknown>, sentence: string) => {
    setProblems(sent.ok ? [] : sent.problems)
    setMessage(sent.ok ? sentence : '')
    return sent.ok
  }
  const remove = async () => {
    const sent = await send('DELETE', `/api/golfers/${golfer.id}`, { name })
    if (done(sent, '')) router.push('/')
  }
  const fileOf = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0]
    event.target.value = ''
    return file
  }
  const bringBack = async (event: ChangeEvent<HTMLInputElement>) => {
    const file = fileOf(event)
    if (!file) return
    const sent = await sendText<{ id: string }>('/api/golfers/restore', await file.text())
    if (done(sent, `${file.name}: the golfer is back.`) && sent.ok) router.push(`/golfers/${sent.value.id}`)
  }
  return (
    <section className="sheet p-3" style={{ maxWidth: 560 }} aria-label="What Banco keeps">
      <h2 className="mb-2">What Banco keeps</h2>
      <div className="d-grid gap-2">
        <a
          className="btn btn-outline"
          href={`/api/golfers/${golfer.id}/export?what=golfer`}
          download
          onClick={() => setExported(true)}
        >
          Export everything of {golfer.name} as JSON
        </a>
        <input
          ref={golferFile}
          type="file"
          accept=".json"
          hidden
          data-testid="golfer-file"
          onChange={bringBack}
        />
        <Button variant="outline" onClick={() => golferFile.current?.click()}>
          Bring a golfer back from such a file
        </Button>
        <a className="btn btn-outline" href="/api/backup" download>
          Back up all golfers to a file
        </a>
      </div>
      <h3 className="fs-6 mt-3 mb-1">Copies of all golfers</h3>
      <Restore copies={copies} nowMs={nowMs} />
      <fieldset className="mt-3" disabled={!exported}>
        <legend className="fs-6 mb-1">Remove {golfer.name} for good</legend>
        <p className="quiet mb-2">
          {listed(Object.entries(kept).map(([what, n]) => count(n, what.slice(0, -1))))} are removed, with all
          their marks and notes.{' '}
          {exported
            ? 'Nothing but the exported file brings them back. Type the name to do it.'
            : 'Export everything first: nothing but that file brings a removed golfer back. Another Banco takes it whole, too.'}
        </p>
        <div className="d-flex gap-2">
          <Form.Control
            aria-label="Name of the golfer to remove"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Button variant="outline" disabled={name.trim() === ''} onClick={remove}>
            Remove
          </Button>
        </div>
      </fieldset>
      <p role="status" className="mt-2 mb-0">
        {message}
      </p>
      <Problems of={problems} />
    </section>
  )
}
