'use client'

import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Table from 'react-bootstrap/Table'
import type { SessionId } from '@/core/model/ids'
import type { Problem } from '@/core/model/problem'
import { useSubmit } from '../../shared/use-submit'
import { PageHead } from '../../shared/shell/page-head'
import { Problems } from '../../shared/shell/problems'
import { day, dayAndTime } from '@/text/days'
import { PLACE_NAME } from '@/text/names'
import { count } from '@/text/numbers'
import type { LogView } from '@/views/log-view'
import styles from './log.module.css'

const EXPORTS = [
  ['shots', 'Export all shots as CSV'],
  ['stocks', 'Export the stocks as CSV'],
  ['gaps', 'Export the gaps as CSV'],
  ['rounds', 'Export the rounds as CSV'],
  ['golfer', 'Export everything as JSON'],
] as const

/** Every visit, and shots in and out as files. */
export function Log({ golfer, sessions, after, aPage, all, waiting, files }: LogView) {
  const router = useRouter()
  const { problems, setProblems, send } = useSubmit()
  const [message, setMessage] = useState('')
  const api = `/api/golfers/${golfer.id}`

  const done = (sent: { ok: boolean; problems?: Problem[] }, sentence: string) => {
    setProblems(sent.problems ?? [])
    setMessage(sent.ok ? sentence : '')
    router.refresh()
  }
  const withdraw = async ({ id, name }: LogView['files'][number]) => {
    const sent = await send<{ withdrawn: number }>('DELETE', `${api}/imports/${id}`)
    done(
      sent,
      sent.ok
        ? `${count(sent.value.withdrawn, 'shot')} of ${name} withdrawn. Bring the file in again to take them back.`
        : '',
    )
  }
  const claim = async (id: SessionId) =>
    done(await send('PATCH', `/api/sessions/${id}`, { golferId: golfer.id }), 'The shots are yours.')

  return (
    <div className={styles.screen}>
      <PageHead
        title={
          all.sessions === 0
            ? 'No sessions yet'
            : `${count(all.sessions, 'session')}, ${count(all.shots, 'shot')}`
        }
        lede="All your sessions with their shots. Open one to continue it or to correct a mark."
      >
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/rounds`}>
          Rounds
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/compare`}>
          Compare
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/monitors`}>
          Two monitors
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/balls`}>
          Balls
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/history`}>
          Over time
        </Link>
        <Link className="btn btn-outline" href={`/golfers/${golfer.id}/practice`}>
          What to practise
        </Link>
      </PageHead>
      <div className="log">
        <section className="sheet" aria-label="Sessions">
          {waiting.map((session) => (
            <div
              key={session.id}
              className="sheet-head d-flex gap-3 align-items-center justify-content-between"
            >
              <span>
                <b>{count(session.shots, 'shot')}</b> came from a monitor on{' '}
                {dayAndTime(session.startedMs, session.offsetMin)} while nothing was open.
              </span>
              <Button variant="outline" onClick={() => claim(session.id)}>
                They are mine
              </Button>
            </div>
          ))}
          {sessions.length === 0 ? (
            <p className="quiet p-3 mb-0">
              A session begins in <Link href={`/golfers/${golfer.id}/bay`}>the Bay</Link>, or with a file.
            </p>
          ) : (
            <Table>
              <thead>
                <tr>
                  <th scope="col">When</th>
                  <th scope="col">Where</th>
                  <th scope="col">Shots</th>
                  <th scope="col" className="wide-only">
                    Clubs
                  </th>
                  <th scope="col" className="wide-only">
                    Held
                  </th>
                  <th scope="col">
                    <span className="visually-hidden">Open</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {sessions.map((session) => (
                  <tr key={session.id}>
                    <th scope="row">{dayAndTime(session.startedMs, session.offsetMin)}</th>
                    <td>
                      {session.place
                        ? PLACE_NAME[session.place]
                        : session.files > 0
                          ? 'from a file'
                          : 'not set'}
                    </td>
                    <td className="num">{session.shots}</td>
                    <td className="num wide-only">{session.clubs}</td>
                    <td className="num wide-only">{session.held || ''}</td>
                    <td>
                      <Link
                        className="btn btn-outline btn-sm"
                        href={`/golfers/${golfer.id}/bay?session=${encodeURIComponent(session.id)}`}
                      >
                        {session.endedMs === null ? 'Continue' : 'Reopen'}
                        <span className="visually-hidden">
                          {' '}
                          {dayAndTime(session.startedMs, session.offsetMin)}
                        </span>
                      </Link>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
          <Pages shown={sessions.length} after={after} aPage={aPage} all={all.sessions} />
        </section>
        <section className="sheet" aria-label="Files">
          <h2>Files</h2>
          <div className="p-3 d-grid gap-2">
            <Link className="btn btn-primary" href={`/golfers/${golfer.id}/import`}>
              Bring in a table of shots
            </Link>
            {EXPORTS.map(([what, name]) => (
              <a key={what} className="btn btn-outline" href={`${api}/export?what=${what}`} download>
                {name}
              </a>
            ))}
            <Link className="btn btn-outline" href={`/golfers/${golfer.id}/paper`}>
              Card, labels and report
            </Link>
            <p role="status" className="mb-0">
              {message}
            </p>
            <Problems of={problems} />
          </div>
          {files.map((file) => (
            <div
              key={file.id}
              className="sheet-head d-flex gap-2 align-items-center justify-content-between border-top border-bottom-0"
            >
              <span>
                <b>{file.name}</b>
                <br />
                <span className="quiet">
                  {count(file.shots, 'shot')}, {day(file.atMs)}
                </span>
              </span>
              <Button size="sm" variant="outline" onClick={() => withdraw(file)}>
                Withdraw
              </Button>
            </div>
          ))}
        </section>
      </div>
    </div>
  )
}

/** The way to older and newer sessions, where there are more than stand on a page. */
function Pages({ shown, after, aPage, all }: { shown: number; after: number; aPage: number; all: number }) {
  if (all <= shown && after === 0) return null
  return (
    <nav className="p-3 d-flex align-items-center gap-3" aria-label="Older and newer sessions">
      {after > 0 && <Link href={`?after=${Math.max(0, after - aPage)}`}>Newer</Link>}
      <span className="quiet">
        {after + 1} to {after + shown} of {all}
      </span>
      {after + shown < all && <Link href={`?after=${after + shown}`}>Older</Link>}
    </nav>
  )
}
