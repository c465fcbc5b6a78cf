'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState, type ChangeEvent } from 'react'
import Button from 'react-bootstrap/Button'
import type { Problem } from '@/core/model/problem'
import { age, fileSize } from '@/text/numbers'
import { send, sendText, type Sent } from '../send'
import { Problems } from '../shell/problems'

/** A copy of all data, made on its day. */
export type CopyShown = { name: string; madeMs: number; bytes: number }

/** All golfers' data from a daily copy or a backup, in two taps. */
export function Restore({ copies, nowMs }: { copies: CopyShown[]; nowMs: number }) {
  const router = useRouter()
  const [problems, setProblems] = useState<Problem[]>([])
  const [message, setMessage] = useState('')
  const [chosen, setChosen] = useState<string | null>(null)
  const [busy, setBusy] = useState(false)
  const backupFile = useRef<HTMLInputElement>(null)
  const put = async (ask: () => Promise<Sent<{ kept: string | null }>>, from: string) => {
    setBusy(true)
    const sent = await ask()
    setBusy(false)
    setChosen(null)
    setProblems(sent.ok ? [] : sent.problems)
    setMessage(
      sent.ok
        ? `Restored from ${from}. ${sent.value.kept ? `What was there is kept in ${sent.value.kept}.` : ''}`
        : '',
    )
    if (sent.ok) router.push('/')
  }
  const fromFile = (event: ChangeEvent<HTMLInputElement>) => {
    const file = event.target.files?.[0]
    event.target.value = ''
    if (file) void put(() => sendText('/api/backup', file), file.name)
  }
  return (
    <>
      {copies.length === 0 ? (
        <p className="quiet">Banco makes a copy of all data a day while it runs. There is none yet.</p>
      ) : (
        <ul className="list-unstyled mb-2" aria-label="Daily copies">
          {copies.map(({ name, madeMs, bytes }) => (
            <li key={name} className="d-flex flex-wrap align-items-center gap-2 mb-1">
              <span className="flex-grow-1">
                {age(nowMs - madeMs)} <span className="quiet">{fileSize(bytes)}</span>
              </span>
              {chosen === name ? (
                <>
                  <Button
                    size="sm"
                    disabled={busy}
                    onClick={() => put(() => send('POST', '/api/copies', { name }), name)}
                  >
                    Yes: all golfers as they were then
                  </Button>
                  <Button size="sm" variant="outline" onClick={() => setChosen(null)}>
                    No
                  </Button>
                </>
              ) : (
                <Button
                  size="sm"
                  variant="outline"
                  aria-label={`Put back the copy ${name}`}
                  onClick={() => setChosen(name)}
                >
                  Put back
                </Button>
              )}
            </li>
          ))}
        </ul>
      )}
      <input ref={backupFile} type="file" accept=".db" hidden data-testid="backup-file" onChange={fromFile} />
      <div className="d-grid">
        <Button variant="outline" disabled={busy} onClick={() => backupFile.current?.click()}>
          Restore all golfers from a backup
        </Button>
      </div>
      <p role="status" className="mt-2 mb-0">
        {busy ? 'Checking it, then putting it back…' : message}
      </p>
      <Problems of={problems} />
    </>
  )
}
