'use client'

import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Station } from '@/core/session/session'
import type { Mark } from '@/core/shots/mark'
import type { Problem } from '@/core/problem'
import type { ShotId } from '@/core/ids'
import { send, type Sent } from '../send'
import type { BayView } from './bay-view'
import { keepWaiting, sendWaiting, waitingShots, type TypedShotPost } from './waiting-shots'

/**
 * The Bay as the server last told it. Every action answers with the Bay after it; other pages' and the
 * monitor's shots are announced, and read by the same path. An older answer never covers a newer one.
 */
export function useBay(first: BayView) {
  const [view, setView] = useState(first)
  const [problems, setProblems] = useState<Problem[]>([])
  const [unanswered, setUnanswered] = useState<TypedShotPost[]>([])
  const [waiting, setWaiting] = useState(0)
  const [live, setLive] = useState(false)
  const [attempt, setAttempt] = useState(0)
  const asked = useRef(0)
  const answered = useRef(0)
  /** An answer that came too late to be shown may know what the newer one did not: then the Bay is read anew. */
  const readAgain = useRef(async () => {})
  /** Typed shots are sent one after the other: they are stored in the order in which they were hit. */
  const lastTyped = useRef<Promise<unknown>>(Promise.resolve())
  const sending = useRef(new Set<ShotId>())
  /** A station that was opened while nobody answered. */
  const wanted = useRef<Station | null>(null)
  const sessionId = first.session.id
  const session = `/api/sessions/${sessionId}`

  const answer = useCallback((turn: number, sent: Sent<BayView>): boolean => {
    setProblems(sent.ok ? [] : sent.problems)
    if (!sent.ok) return false
    if (turn > answered.current) {
      answered.current = turn
      setView(sent.value)
    } else void readAgain.current()
    return true
  }, [])
  const take = useCallback(
    async (ask: () => Promise<Sent<BayView>>): Promise<boolean> => answer(++asked.current, await ask()),
    [answer],
  )

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
    readAgain.current = read
    const catchUp = async () => {
      await sendWaiting()
      if (wanted.current) await send('PUT', `${session}/station`, wanted.current)
      wanted.current = null
      await read()
      const kept = waitingShots(sessionId)
      setWaiting(kept.length)
      setUnanswered((now) => [...kept, ...now.filter(({ id }) => sending.current.has(id))])
    }
    const notices = new EventSource('/api/notices')
    notices.onopen = () => {
      setLive(true)
      // What waited while nobody answered is sent first, then the Bay is read as it stands.
      void catchUp()
    }
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
  }, [session, sessionId, attempt])

  return {
    view: useMemo(() => withUnanswered(view, unanswered), [view, unanswered]),
    /** How many typed shots wait in this browser. */
    waiting,
    problems,
    live,
    say: setProblems,
    open: (station: Station) => {
      // The station changes at once: what is typed next belongs to it, and older answers are dropped.
      answered.current = ++asked.current
      setView((now) => ({ ...now, session: { ...now.session, open: station } }))
      return take(async () => {
        const sent = await send<BayView>('PUT', `${session}/station`, station)
        wanted.current = !sent.ok && sent.unreachable ? station : null
        return sent
      })
    },
    /** Takes a typed shot. It shows at once; without an answer it waits in this browser. */
    hit: async (station: Station, typed: { carryM: number; offlineM?: number; held?: boolean }) => {
      const shot: TypedShotPost = {
        ...station,
        carryM: typed.carryM,
        ...(typed.offlineM !== undefined && { offlineM: typed.offlineM }),
        ...(typed.held && { heldBecause: 'implausible-carry' }),
        id: crypto.randomUUID() as ShotId,
        hitMs: Date.now(),
      }
      setUnanswered((now) => [...now, shot])
      sending.current.add(shot.id)
      const turn = ++asked.current
      const posted = lastTyped.current.then(() => send<BayView>('POST', `${session}/shots`, shot))
      lastTyped.current = posted
      const sent = await posted
      sending.current.delete(shot.id)
      if (!sent.ok && sent.unreachable) {
        keepWaiting(sessionId, shot)
        setWaiting(waitingShots(sessionId).length)
        return true
      }
      answer(turn, sent)
      setUnanswered((now) => now.filter(({ id }) => id !== shot.id))
      return sent.ok
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

/** The Bay with typed shots that the server has not answered yet. */
function withUnanswered(view: BayView, unanswered: readonly TypedShotPost[]): BayView {
  const known = new Set(view.shots.map((shot) => shot.id))
  const fresh = unanswered.filter(({ id }) => !known.has(id))
  if (fresh.length === 0) return view
  const last = view.shots.at(-1)?.seq ?? 0
  return {
    ...view,
    shots: [
      ...view.shots,
      ...fresh.map(({ heldBecause, ...shot }, i) => ({
        ...shot,
        seq: last + 1 + i,
        sessionId: view.session.id,
        source: 'typed' as const,
        clubLabel: null,
        mark: null,
        heldBecause: heldBecause ?? null,
        posted: null,
      })),
    ],
    history: [
      ...view.history,
      ...fresh
        .filter(({ heldBecause }) => heldBecause === undefined)
        .map((shot) => ({
          ...shot,
          session: view.history.at(-1)?.session ?? 0,
          mark: 'solid' as const,
          solidProbability: 1,
        })),
    ],
  }
}

const decide = (id: ShotId, decision: object): Promise<Sent<BayView>> =>
  send('POST', `/api/shots/${encodeURIComponent(id)}`, decision)
