'use client'

import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { apartBecause, type Conditions } from '@/core/session/conditions'
import { clearLapsed } from '@/core/session/range-clear'
import type { Station } from '@/core/station'
import type { Mark } from '@/core/shots/mark'
import type { Problem } from '@/core/problem'
import type { SessionId, ShotId } from '@/core/ids'
import type { SessionShot } from '@/core/session/session-shot'
import { send, unreachable, type Sent } from '../../shared/send'
import type { BayView } from '@/views/bay-view'
import { lastClearMs } from '@/core/session/range-clear'
import {
  dropWaiting,
  keepWaiting,
  sendWaiting,
  sendWaitingOf,
  waitingShots,
  type TypedShotPost,
} from './waiting-shots'

/**
 * The Bay as the server last told it. What the golfer does shows at once and is sent in its turn; every
 * request answers with the Bay after it, and only the last answer of those that are under way is shown,
 * since it alone knows of all that was done. Other pages' and the monitor's shots are announced, and read
 * by the same path.
 */
export function useBay(first: BayView) {
  const [view, setView] = useState(first)
  const [problems, setProblems] = useState<Problem[]>([])
  const [unanswered, setUnanswered] = useState<TypedShotPost[]>([])
  const [waiting, setWaiting] = useState(0)
  const [live, setLive] = useState(false)
  const [attempt, setAttempt] = useState(0)
  const lastAsked = useRef<Promise<unknown>>(Promise.resolve())
  const underWay = useRef(0)
  /** An answer was not shown, and nothing newer has been since. */
  const passedOver = useRef(false)
  const readAgain = useRef(async () => {})
  const sending = useRef(new Set<ShotId>())
  /** A station that was opened while nobody answered. */
  const wanted = useRef<Station | null>(null)
  /** When the range was last said to be clear in this tab. */
  const clearSaid = useRef<number | null>(null)
  const sessionId = first.session.id
  const session = `/api/sessions/${sessionId}`

  const inTurn = useCallback(<Answer>(ask: () => Promise<Answer>): Promise<Answer> => {
    underWay.current++
    const asked = lastAsked.current.then(ask).finally(() => underWay.current--)
    lastAsked.current = asked
    return asked
  }, [])
  const show = useCallback(
    (sent: Sent<BayView>): void => {
      if (!sent.ok) {
        if (passedOver.current && underWay.current === 0 && !sent.unreachable) void readAgain.current()
        return
      }
      passedOver.current = underWay.current > 0
      if (passedOver.current) return
      const kept = new Set(waitingShots(sessionId).map(({ id }) => id))
      setUnanswered((now) => now.filter(({ id }) => sending.current.has(id) || kept.has(id)))
      setView(sent.value)
    },
    [sessionId],
  )
  const take = useCallback(
    async (ask: () => Promise<Sent<BayView>>): Promise<boolean> => {
      const sent = await inTurn(ask)
      setProblems(sent.ok ? [] : sent.problems)
      show(sent)
      return sent.ok
    },
    [inTurn, show],
  )

  useEffect(() => {
    let reading = false
    let again = false
    let retry: ReturnType<typeof setTimeout> | undefined
    const read = async () => {
      again = reading
      if (reading) return
      reading = true
      do {
        again = false
        show(await inTurn(() => send<BayView>('GET', `${session}/bay`)))
      } while (again)
      reading = false
    }
    readAgain.current = read
    const catchUp = async () => {
      await sendWaiting()
      if (wanted.current) await send('PUT', `${session}/station`, wanted.current)
      wanted.current = null
      await read()
      const kept = waitingShots(sessionId).filter(({ id }) => !sending.current.has(id))
      setWaiting(kept.length)
      // Nothing is taken off here: a shot that was answered stays until a Bay that holds it is shown.
      setUnanswered((now) => [...kept.filter(({ id }) => !now.some((each) => each.id === id)), ...now])
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
  }, [session, sessionId, attempt, inTurn, show])

  const saying = (said: object, fromShotId?: ShotId) =>
    take(() => send('POST', `${session}/said`, { ...said, ...(fromShotId && { fromShotId }) }))

  return {
    view: useMemo(() => withUnanswered(view, unanswered), [view, unanswered]),
    /** How many typed shots wait in this browser. */
    waiting,
    problems,
    live,
    say: setProblems,
    open: (station: Station) => {
      // The station changes at once: what is typed next belongs to it.
      setView((now) => ({ ...now, session: { ...now.session, open: station } }))
      return take(async () => {
        const sent = await send<BayView>('PUT', `${session}/station`, station)
        wanted.current = !sent.ok && sent.unreachable ? station : null
        return sent
      })
    },
    /** Takes shots that were typed together. They show at once; without an answer they wait in this browser. */
    hit: async (station: Station, typed: readonly TypedHit[]) => {
      const now = Date.now()
      const shots = typed.map(({ carryM, offlineM, held }): TypedShotPost => ({
        ...station,
        carryM,
        ...(offlineM !== undefined && { offlineM }),
        ...(held && { heldBecause: 'implausible-carry' }),
        id: crypto.randomUUID() as ShotId,
        hitMs: now,
      }))
      setUnanswered((before) => [...before, ...shots])
      shots.forEach(({ id }) => sending.current.add(id))
      // Kept until it is answered: a page that is left at once loses nothing.
      const keep = () =>
        shots.forEach((shot) =>
          keepWaiting(sessionId, {
            ...shot,
            ...(clearSaid.current !== null && { clearMs: clearSaid.current }),
          }),
        )
      keep()
      const sent = await inTurn(async () => {
        // What was typed before and waits goes first: else the next shot would overtake it.
        const before = await sendWaitingOf(sessionId, shots[0]?.id)
        return before.reached ? send<BayView>('POST', `${session}/shots`, { shots }) : unreachable()
      })
      shots.forEach(({ id }) => sending.current.delete(id))
      if (!sent.ok && sent.unreachable) {
        // The word that the range is clear may have been given since.
        keep()
        setWaiting(waitingShots(sessionId).length)
        return true
      }
      dropWaiting(
        sessionId,
        shots.map(({ id }) => id),
      )
      setProblems(sent.ok ? [] : sent.problems)
      if (!sent.ok)
        setUnanswered((before) => before.filter(({ id }) => !shots.some((shot) => shot.id === id)))
      show(sent)
      return sent.ok
    },
    /** Nobody is in front. Said while Banco does not answer, the word goes with the shots that wait. */
    clear: () => {
      const atMs = Date.now()
      clearSaid.current = atMs
      setView((now) => ({ ...now, session: { ...now.session, clearMs: atMs } }))
      return take(() => send('POST', `${session}/clear`, { atMs }))
    },
    warmUp: (on: boolean, fromShotId?: ShotId) => saying({ kind: 'warm-up', on }, fromShotId),
    air: (air: Omit<Conditions, 'warmUp'>, fromShotId?: ShotId) =>
      saying({ kind: 'air', ...air }, fromShotId),
    expect: (station: Station, carryM: number) => saying({ kind: 'expectation', ...station, carryM }),
    /** Something hurts: the session stops. False: that was a slip of the finger. */
    hurt: (hurt: boolean) => send('PATCH', session, { hurt }),
    /** Reads the Bay anew. */
    read: () => void readAgain.current(),
    /** Moves a run of shots to another station; for all shots under their names, if wanted. */
    move: (shotIds: ShotId[], station: Station, forLabel = false) =>
      take(() => send('POST', `${session}/moves`, { shotIds, station, ...(forLabel && { forLabel }) })),
    /** What becomes of a run of shots that stays where it is. */
    decide: (shotIds: ShotId[], decision: 'solid' | 'released' | 'withdrawn') =>
      take(() => send('POST', `${session}/moves`, { shotIds, decision })),
    /** The monitor's shots come here from now on; null: those of all monitors. */
    receive: (monitor: string | null) => take(() => send('POST', `${session}/receive`, { monitor })),
    /** Shots that came while nobody received are this golfer's. */
    claim: (sessionIds: SessionId[]) =>
      take(async () => {
        for (const id of sessionIds) {
          const sent = await send('PATCH', `/api/sessions/${id}`, { golferId: first.golfer.id })
          if (!sent.ok) return sent
        }
        return send('GET', `${session}/bay`)
      }),
    /** Marks a shot. It shows at once; one that waits in this browser takes its mark along. */
    mark: (id: ShotId, mark: Mark | null) => {
      const marked = <Shot extends { id: ShotId }>(shots: Shot[]) =>
        shots.map((shot) => (shot.id === id ? { ...shot, mark } : shot))
      setView((now) => ({ ...now, shots: marked(now.shots) }))
      setUnanswered(marked)
      return take(async () => {
        const waits = waitingShots(sessionId).find((shot) => shot.id === id)
        if (!waits) return decide(id, { kind: 'mark', mark })
        keepWaiting(sessionId, { ...waits, mark })
        return send('GET', `${session}/bay`)
      })
    },
    /** Takes back what the golfer was told; what is typed and not yet answered is the newest in any case. */
    undo: () => {
      const batch = unanswered.length > 0 || underWay.current > 0 ? null : (view.undo?.batch ?? null)
      return take(() => send('POST', `${session}/undo`, { batch }))
    },
    redo: () => take(() => send('POST', `${session}/redo`)),
    end: () => send('PATCH', session, { ended: true }),
  }
}

/** A shot as it was typed; held where one slip of the fingers would explain its carry. */
export type TypedHit = { carryM: number; offlineM?: number; held?: boolean }
export type BayActions = ReturnType<typeof useBay>

/** The Bay with typed shots that the server has not answered yet. */
function withUnanswered(view: BayView, unanswered: readonly TypedShotPost[]): BayView {
  const known = new Set(view.shots.map((shot) => shot.id))
  const fresh = unanswered.filter(({ id }) => !known.has(id))
  if (fresh.length === 0) return view
  const last = view.shots.at(-1)?.seq ?? 0
  const apart = apartBecause(view.now)
  let clearMs = lastClearMs(view)
  const heldOf = ({ heldBecause, hitMs }: TypedShotPost): SessionShot['heldBecause'] => {
    const lapsed = clearLapsed(clearMs, hitMs)
    if (!lapsed) clearMs = hitMs
    return heldBecause ?? (lapsed ? 'range-not-clear' : null)
  }
  const held = new Map(fresh.map((shot) => [shot.id, heldOf(shot)]))
  const carryM = fresh.at(-1)?.carryM ?? null
  return {
    ...view,
    // Typed one after the other, they are taken back one after the other, the last first.
    undo: { batch: '', kind: 'taken', source: 'typed', shots: 1, carryM },
    redo: null,
    shots: [
      ...view.shots,
      ...fresh.map((shot, i) => ({
        ...shot,
        conditions: view.now,
        seq: last + 1 + i,
        sessionId: view.session.id,
        source: 'typed' as const,
        clubLabel: null,
        mark: shot.mark ?? null,
        heldBecause: held.get(shot.id) ?? null,
        posted: null,
      })),
    ],
    history: [
      ...view.history,
      ...fresh
        .filter(({ id }) => held.get(id) === null)
        .map((shot) => ({
          ...shot,
          ...(apart && { apart }),
          session: view.history.at(-1)?.session ?? 0,
          mark: shot.mark ?? ('solid' as const),
          solidProbability: 1,
        })),
    ],
  }
}

const decide = (id: ShotId, decision: object): Promise<Sent<BayView>> =>
  send('POST', `/api/shots/${encodeURIComponent(id)}`, decision)
