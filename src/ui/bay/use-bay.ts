'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { Station } from '@/core/session/session'
import type { Mark } from '@/core/shots/mark'
import type { Problem } from '@/core/problem'
import type { ShotId } from '@/core/ids'
import { send, type Sent } from '../send'
import type { BayView } from './bay-view'

/**
 * The Bay as the server last told it. Every action answers with the Bay after it; other pages' and the
 * monitor's shots are announced, and read by the same path. An older answer never covers a newer one.
 */
export function useBay(first: BayView) {
  const [view, setView] = useState(first)
  const [problems, setProblems] = useState<Problem[]>([])
  const [live, setLive] = useState(false)
  const [attempt, setAttempt] = useState(0)
  const asked = useRef(0)
  const answered = useRef(0)
  const session = `/api/sessions/${first.session.id}`

  const take = useCallback(async (ask: () => Promise<Sent<BayView>>): Promise<boolean> => {
    const turn = ++asked.current
    const sent = await ask()
    if (!sent.ok) {
      setProblems(sent.problems)
      return false
    }
    if (turn > answered.current) {
      answered.current = turn
      setView(sent.value)
    }
    setProblems([])
    return true
  }, [])

  useEffect(() => {
    let reading = false
    let again = false
    let retry: ReturnType<typeof setTimeout> | undefined
    const read = async () => {
      if (reading) {
        again = true
        return
      }
      reading = true
      do {
        again = false
        const turn = ++asked.current
        const sent = await send<BayView>('GET', `${session}/bay`)
        if (sent.ok && turn > answered.current) {
          answered.current = turn
          setView(sent.value)
        }
      } while (again)
      reading = false
    }
    const notices = new EventSource('/api/notices')
    notices.onopen = () => setLive(true)
    notices.onmessage = () => void read()
    notices.onerror = () => {
      setLive(false)
      // A server that answered with an error is not asked again by the browser itself.
      if (notices.readyState === EventSource.CLOSED) retry = setTimeout(() => setAttempt(attempt + 1), 1000)
    }
    return () => {
      clearTimeout(retry)
      notices.close()
    }
  }, [session, attempt])

  return {
    view,
    problems,
    live,
    say: setProblems,
    open: (station: Station) => {
      // The station changes at once: what is typed next belongs to it, and older answers are dropped.
      answered.current = ++asked.current
      setView((now) => ({ ...now, session: { ...now.session, open: station } }))
      return take(() => send('PUT', `${session}/station`, station))
    },
    hit: (station: Station, { carryM, offlineM }: { carryM: number; offlineM?: number }) => {
      const typed = { ...station, carryM, offlineM, id: crypto.randomUUID() as ShotId, hitMs: Date.now() }
      // The dot stands on the strip at once; the numbers around it follow with the answer.
      setView((now) => withTyped(now, typed))
      return take(() => send('POST', `${session}/shots`, typed)).then((taken) => {
        if (!taken) setView((now) => without(now, typed.id))
        return taken
      })
    },
    /** Moves a run of shots to another station; without one they are solid where they are. */
    move: (shotIds: ShotId[], station: Station | null) =>
      take(() => send('POST', `${session}/moves`, { shotIds, station })),
    mark: (id: ShotId, mark: Mark | null) => take(() => decide(id, { kind: 'mark', mark })),
    release: (id: ShotId) => take(() => decide(id, { kind: 'released' })),
    withdraw: (id: ShotId) => take(() => decide(id, { kind: 'withdrawn' })),
    place: (id: ShotId, station: Station, forLabel: boolean) =>
      take(() => decide(id, { kind: 'station', ...station, forLabel })),
    undo: () => take(() => send('POST', `${session}/undo`)),
    end: () => send('PATCH', session, { ended: true }),
  }
}

export type BayActions = ReturnType<typeof useBay>

type Typed = Station & { carryM: number; offlineM: number | undefined; id: ShotId; hitMs: number }

/** The Bay with a typed shot that the server has not answered yet. */
function withTyped(view: BayView, { offlineM, ...typed }: Typed): BayView {
  const flight = { ...typed, ...(offlineM !== undefined && { offlineM }) }
  const last = view.shots.at(-1)
  return {
    ...view,
    shots: [
      ...view.shots,
      {
        ...flight,
        seq: (last?.seq ?? 0) + 1,
        sessionId: view.session.id,
        source: 'typed',
        clubLabel: null,
        mark: null,
        heldBecause: null,
        posted: null,
      },
    ],
    history: [
      ...view.history,
      { ...flight, session: view.history.at(-1)?.session ?? 0, mark: 'solid', solidProbability: 1 },
    ],
  }
}

const without = (view: BayView, id: ShotId): BayView => ({
  ...view,
  shots: view.shots.filter((shot) => shot.id !== id),
  history: view.history.filter((shot) => shot.id !== id),
})

const decide = (id: ShotId, decision: object): Promise<Sent<BayView>> =>
  send('POST', `/api/shots/${encodeURIComponent(id)}`, decision)
