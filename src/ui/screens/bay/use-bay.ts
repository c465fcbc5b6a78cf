'use client'

import { useCallback, useEffect, useMemo, useReducer, useRef } from 'react'
import type { AirAndLie } from '@/core/session/conditions'
import type { SessionShot } from '@/core/session/session-shot'
import type { SessionEvent } from '@/core/session/session-event'
import type { Station } from '@/core/model/station'
import type { Mark } from '@/core/model/mark'
import type { Problem } from '@/core/model/problem'
import type { GolferId, SessionId, ShotId } from '@/core/model/ids'
import type { BayView } from '@/views/bay-view'
import { listenToNotices } from '../../shared/notices'
import { isGone, outbox } from '../../shared/outbox'
import { send, type Sent } from '../../shared/send'
import type { TypedPost } from '@/core/shots/typed-post'
import { bayAfter, bayState, shownBay, undoBatch } from './bay-state'
import { newId } from '../../shared/new-id'

type Ask = () => Promise<Sent<BayView>>

/** The Bay of one session, and all that a golfer can do in it. Other pages' and the monitor's shots are announced, and read by the same path. */
export function useBay(first: BayView) {
  const [state, dispatch] = useReducer(bayAfter, first, bayState)
  const lastRequest = useRef<Promise<unknown>>(Promise.resolve())
  /** A station that was opened, and when the range was said to be clear, while nobody answered. */
  const pending = useRef<{ station: Station | null; clearMs: number | null }>({
    station: null,
    clearMs: null,
  })
  const chosen = useRef(false)
  const sessionId = first.session.id
  const session = `/api/sessions/${sessionId}`

  /** One request after the other, in the order in which they were asked. */
  const queue = useCallback((ask: Ask): Promise<Sent<BayView>> => {
    dispatch({ type: 'asked' })
    const request = lastRequest.current.then(ask)
    lastRequest.current = request
    return request
  }, [])
  const answered = useCallback(
    (sent: Sent<BayView>) =>
      dispatch({ type: 'answered', sent, kept: outbox.waiting(sessionId).map(({ id }) => id) }),
    [sessionId],
  )
  const take = async (ask: Ask): Promise<boolean> => {
    const sent = await queue(ask)
    dispatch({ type: 'problems', problems: sent.ok ? [] : sent.problems })
    answered(sent)
    return sent.ok
  }
  const reading = useRef({ now: false, again: false })
  const read = useCallback(async () => {
    reading.current.again = reading.current.now
    if (reading.current.now) return
    reading.current.now = true
    do {
      reading.current.again = false
      answered(await queue(() => send<BayView>('GET', `${session}/bay`)))
    } while (reading.current.again)
    reading.current.now = false
  }, [answered, queue, session])

  useEffect(() => {
    // What waited while nobody answered is sent first, then the Bay is read as it stands.
    const catchUp = async () => {
      await outbox.sendAll()
      const { station } = pending.current
      if (station) await send('PUT', `${session}/station`, station)
      pending.current.station = null
      const { clearMs } = pending.current
      if (clearMs !== null) await send('POST', `${session}/clear`, { atMs: clearMs })
      pending.current.clearMs = null
      await readAll()
    }
    // Another page, or the head of this one, may have sent what waited.
    const readAll = async () => {
      await read()
      dispatch({ type: 'waits', shots: outbox.waiting(sessionId) })
    }
    return listenToNotices({
      onOpen: () => {
        dispatch({ type: 'live', live: true })
        void catchUp()
      },
      onNotice: () => {
        // With a long history the analysis takes a while: new shots are shown at once.
        void send<SessionShot[]>('GET', `${session}/shots`).then(
          (sent) => sent.ok && dispatch({ type: 'came', shots: sent.value }),
        )
        void readAll()
      },
      onLost: () => dispatch({ type: 'live', live: false }),
    })
  }, [read, session, sessionId])
  // The head of this page sends what waited: what the Bay says of it follows at once.
  useEffect(
    () => outbox.onSent(() => dispatch({ type: 'waits', shots: outbox.waiting(sessionId) })),
    [sessionId],
  )
  useEffect(() => {
    if (state.stale) void read()
  }, [state.stale, read])

  const saying = (event: SessionEvent, fromShotId?: ShotId) =>
    take(() => send('POST', `${session}/events`, { ...event, ...(fromShotId && { fromShotId }) }))

  const open = (station: Station) => {
    chosen.current = true
    dispatch({ type: 'opened', station })
    return take(async () => {
      const sent = await send<BayView>('PUT', `${session}/station`, station)
      pending.current.station = !sent.ok && sent.unreachable ? station : null
      return sent
    })
  }

  return {
    view: useMemo(() => shownBay(state), [state]),
    /** Shots that wait for Banco's answer, and whether they would survive a reload. */
    waiting: { shots: isGone(state) ? 0 : state.waiting, kept: outbox.isKept() },
    problems: state.problems,
    live: state.live,
    say: (problems: Problem[]) => dispatch({ type: 'problems', problems }),
    open,
    /** Opens a station unless the golfer has opened one, who can be quicker than the page wakes. */
    openFirst: (station: Station) => void (chosen.current || open(station)),
    /** Takes shots that were typed together. They show at once; without an answer they wait in this browser. */
    hit: async (station: Station, typed: readonly TypedHit[]) => {
      const now = Date.now()
      const shots = typed.map(({ carryM, offlineM, totalM, held, replaces }): TypedPost => ({
        ...station,
        carryM,
        ...(offlineM !== undefined && { offlineM }),
        ...(totalM !== undefined && { totalM }),
        ...(replaces && { replaces }),
        ...(held && { heldBecause: 'implausible-carry' }),
        id: newId() as ShotId,
        hitMs: now,
      }))
      const shotIds = shots.map(({ id }) => id)
      dispatch({ type: 'typed', shots })
      // Kept until it is answered: a page that is left at once loses nothing.
      const keep = () => {
        const { clearMs } = pending.current
        for (const shot of shots) outbox.keep(sessionId, { ...shot, ...(clearMs !== null && { clearMs }) })
      }
      keep()
      const sent = await queue(() => outbox.sendTyped<BayView>(sessionId, shotIds))
      const waits = !sent.ok && sent.unreachable === true
      // The word that the range is clear may have been given since.
      if (waits) keep()
      else dispatch({ type: 'problems', problems: sent.ok ? [] : sent.problems })
      dispatch({
        type: 'settled',
        shotIds,
        outcome: waits ? 'waits' : sent.ok ? 'taken' : 'refused',
        waiting: outbox.waiting(sessionId).length,
      })
      answered(sent)
      return waits || sent.ok
    },
    /** Nobody is in front. Said while Banco does not answer, the word goes with the shots that wait. */
    clear: () => {
      const atMs = Date.now()
      pending.current.clearMs = atMs
      dispatch({ type: 'cleared', atMs })
      return take(() => send('POST', `${session}/clear`, { atMs }))
    },
    warmUp: (on: boolean, fromShotId?: ShotId) => saying({ kind: 'warm-up', on }, fromShotId),
    air: (air: AirAndLie, fromShotId?: ShotId) => saying({ kind: 'air', ...air }, fromShotId),
    /** From the next shot on this ball is hit. */
    ball: (ball: string) => saying({ kind: 'ball', ball }),
    expect: (station: Station, carryM: number) => saying({ kind: 'expectation', ...station, carryM }),
    /** Something hurts: the session stops, and shows it at once. */
    stop: () => {
      dispatch({ type: 'stopped', injuryStopMs: Date.now() })
      return take(async () => {
        const sent = await send('PATCH', session, { injuryStop: true })
        return sent.ok ? send<BayView>('GET', `${session}/bay`) : sent
      })
    },
    /** That was tapped by mistake: the session goes on where it was. */
    continueAt: (station: Station) => {
      dispatch({ type: 'stopped', injuryStopMs: null })
      dispatch({ type: 'opened', station })
      return take(async () => {
        const sent = await send('PATCH', session, { injuryStop: false })
        return sent.ok ? send<BayView>('PUT', `${session}/station`, station) : sent
      })
    },
    /** Reads the Bay anew. */
    read: () => void read(),
    /** Moves a run of shots to another station; for all shots under their names, if wanted. */
    move: (shotIds: ShotId[], station: Station, forLabel = false) =>
      take(() => send('POST', `${session}/moves`, { shotIds, station, ...(forLabel && { forLabel }) })),
    /** Moves shots that are another golfer's to that golfer. */
    moveToGolfer: (shotIds: ShotId[], golferId: GolferId) =>
      take(() => send('POST', `${session}/to-golfer`, { shotIds, golferId })),
    /** What becomes of a run of shots that stays where it is. */
    decide: (shotIds: ShotId[], decision: 'solid' | 'released' | 'withdrawn') =>
      take(() => send('POST', `${session}/moves`, { shotIds, decision })),
    /** The monitor's shots come here from now on; null: those of all monitors. */
    receive: (monitor: string | null) => take(() => send('POST', `${session}/receive`, { monitor })),
    /** A monitor only watches the shots that another takes; or its shots count after all. */
    watch: (monitor: string, on: boolean) => take(() => send('PUT', `${session}/watching`, { monitor, on })),
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
    mark: (shotId: ShotId, mark: Mark | null) => {
      dispatch({ type: 'marked', shotId, mark })
      return take(async () => {
        const waits = outbox.waiting(sessionId).find(({ id }) => id === shotId)
        if (!waits)
          return send('POST', `/api/golfers/${first.golfer.id}/shot`, { id: shotId, kind: 'mark', mark })
        outbox.keep(sessionId, { ...waits, mark })
        return send('GET', `${session}/bay`)
      })
    },
    undo: () => {
      const batch = undoBatch(state)
      return take(() => send('POST', `${session}/undo`, { batch }))
    },
    redo: () => take(() => send('POST', `${session}/redo`)),
    /** After what was typed before it: the page of the session's end shows every shot. */
    end: async () => {
      await lastRequest.current
      return send('PATCH', session, { ended: true })
    },
  }
}

/** A shot as it was typed; held where one slip of the fingers would explain its carry; or one that corrects another. */
type TypedHit = {
  carryM: number
  offlineM?: number
  totalM?: number
  held?: boolean
  replaces?: ShotId
}
export type BayActions = ReturnType<typeof useBay>
