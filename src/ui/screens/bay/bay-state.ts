import { stockExclusion } from '@/core/session/conditions'
import { clearLapsed } from '@/core/session/range-clear'
import type { SessionShot } from '@/core/session/session-shot'
import type { Mark } from '@/core/model/mark'
import type { Problem } from '@/core/model/problem'
import type { ShotId } from '@/core/model/ids'
import type { Station } from '@/core/model/station'
import type { BayView } from '@/views/bay-view'
import type { TypedPost } from '@/core/shots/typed-post'
import type { Sent } from '../../shared/send'

/** What a page of the Bay knows. */
export type BayState = {
  /** The Bay as the server last told it, with what the golfer did since. */
  view: BayView
  /** Typed shots that no shown Bay holds yet. */
  unanswered: TypedPost[]
  /** Those of them whose own request is under way. */
  sending: ShotId[]
  /** Requests that were asked and not answered. */
  underWay: number
  /** An answer was not shown since others were under way, and nothing newer has been since. */
  passedOver: boolean
  /** Nothing more is under way, and what is shown is older than what was answered. */
  stale: boolean
  problems: Problem[]
  /** Typed shots that wait in this browser. */
  waiting: number
  live: boolean
}

export type BayEvent =
  | { type: 'asked' }
  /** An answer to any request; `kept` are the shots that wait in this browser. */
  | { type: 'answered'; sent: Sent<BayView>; kept: readonly ShotId[] }
  | { type: 'problems'; problems: Problem[] }
  /** The shots of the session, before the analysis includes the new ones. */
  | { type: 'came'; shots: SessionShot[] }
  | { type: 'typed'; shots: TypedPost[] }
  /** The request of typed shots is over: they were taken, refused, or wait, with `waiting` in all. */
  | { type: 'settled'; shotIds: readonly ShotId[]; outcome: 'taken' | 'refused' | 'waits'; waiting: number }
  | { type: 'waits'; shots: readonly TypedPost[] }
  | { type: 'opened'; station: Station }
  | { type: 'cleared'; atMs: number }
  /** Something hurts: the session stops. Null: it goes on. */
  | { type: 'stopped'; injuryStopMs: number | null }
  | { type: 'marked'; shotId: ShotId; mark: Mark | null }
  | { type: 'live'; live: boolean }

export const bayState = (view: BayView): BayState => ({
  view,
  unanswered: [],
  sending: [],
  underWay: 0,
  passedOver: false,
  stale: false,
  problems: [],
  waiting: 0,
  live: false,
})

/**
 * What a page of the Bay knows after something happened. What the golfer does shows at once; every request answers with
 * the Bay after it, and only the last answer of those under way is shown, since it alone knows of all that was done.
 */
export function bayAfter(state: BayState, event: BayEvent): BayState {
  const { view } = state
  switch (event.type) {
    case 'asked':
      return { ...state, underWay: state.underWay + 1, stale: false }
    case 'answered':
      return afterResponse({ ...state, underWay: state.underWay - 1 }, event.sent, event.kept)
    case 'problems':
      return { ...state, problems: event.problems }
    case 'came': {
      const last = view.shots.at(-1)?.seq ?? 0
      // A mark that was set before its shot was read is still on its way.
      const markedHere = new Map(state.unanswered.map(({ id, mark }) => [id, mark]))
      const fresh = event.shots
        .filter(({ seq }) => seq > last)
        .map((shot) => {
          const mark = markedHere.get(shot.id)
          return mark === undefined ? shot : { ...shot, mark }
        })
      return fresh.length === 0 ? state : { ...state, view: { ...view, shots: [...view.shots, ...fresh] } }
    }
    case 'typed':
      return {
        ...state,
        unanswered: [...state.unanswered, ...event.shots],
        sending: [...state.sending, ...event.shots.map(({ id }) => id)],
      }
    case 'settled': {
      const over = (id: ShotId) => event.shotIds.includes(id)
      return {
        ...state,
        sending: state.sending.filter((id) => !over(id)),
        unanswered:
          event.outcome === 'refused' ? state.unanswered.filter(({ id }) => !over(id)) : state.unanswered,
        waiting: event.waiting,
      }
    }
    case 'waits': {
      const kept = event.shots.filter(({ id }) => !state.sending.includes(id))
      const fresh = kept.filter(({ id }) => !state.unanswered.some((shot) => shot.id === id))
      // Nothing is taken off here: a shot that was answered stays until a Bay that holds it is shown.
      return { ...state, waiting: kept.length, unanswered: [...fresh, ...state.unanswered] }
    }
    case 'opened':
      // The station changes at once: what is typed next belongs to it.
      return { ...state, view: { ...view, session: { ...view.session, open: event.station } } }
    case 'cleared':
      return {
        ...state,
        view: {
          ...view,
          lastClearMs: event.atMs,
          shots: view.shots.map((shot) =>
            shot.heldBecause === 'range-not-clear' ? { ...shot, heldBecause: null } : shot,
          ),
        },
      }
    case 'stopped':
      return { ...state, view: { ...view, session: { ...view.session, injuryStopMs: event.injuryStopMs } } }
    case 'marked': {
      const marked = <Shot extends { id: ShotId }>(shots: Shot[]) =>
        shots.map((shot) => (shot.id === event.shotId ? { ...shot, mark: event.mark } : shot))
      return {
        ...state,
        view: { ...view, shots: marked(view.shots) },
        unanswered: marked(state.unanswered),
      }
    }
    case 'live':
      return { ...state, live: event.live }
  }
}

function afterResponse(state: BayState, sent: Sent<BayView>, kept: readonly ShotId[]): BayState {
  if (!sent.ok) {
    const stale = state.passedOver && state.underWay === 0 && !sent.unreachable
    return { ...state, stale }
  }
  if (state.underWay > 0) return { ...state, passedOver: true }
  return {
    ...state,
    view: sent.value,
    passedOver: false,
    unanswered: state.unanswered.filter(({ id }) => state.sending.includes(id) || kept.includes(id)),
  }
}

/** What undo takes back: what the golfer was told, but what is typed and not yet answered is the newest in any case. */
export const undoBatch = ({ view, unanswered, underWay }: BayState): string | null =>
  unanswered.length > 0 || underWay > 0 ? null : (view.undo?.batch ?? null)

/** The Bay as it is shown: with typed shots that the server has not answered yet. */
export function shownBay({ view, unanswered }: BayState): BayView {
  const known = new Set(view.shots.map((shot) => shot.id))
  const fresh = unanswered.filter(({ id }) => !known.has(id))
  if (fresh.length === 0) return view
  const corrected = new Set(fresh.map(({ replaces }) => replaces))
  const isLeft = ({ id }: { id: ShotId }) => !corrected.has(id)
  const last = view.shots.at(-1)?.seq ?? 0
  const exclusion = stockExclusion(view.now, view.setUp, view.golfer.stocksOff)
  let { lastClearMs } = view
  const heldOf = ({ heldBecause, hitMs }: TypedPost): SessionShot['heldBecause'] => {
    const lapsed = clearLapsed(lastClearMs, hitMs)
    if (!lapsed) lastClearMs = hitMs
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
      ...view.shots.filter(isLeft),
      ...fresh.filter(isLeft).map((shot, i) => ({
        ...shot,
        conditions: view.now,
        seq: last + 1 + i,
        sessionId: view.session.id,
        source: 'typed' as const,
        monitor: null,
        clubLabel: null,
        mark: shot.mark ?? null,
        heldBecause: held.get(shot.id) ?? null,
        posted: null,
      })),
    ],
    history: [
      ...view.history.filter(isLeft),
      ...fresh
        .filter((shot) => isLeft(shot) && held.get(shot.id) === null)
        .map((shot) => ({
          ...shot,
          ...(exclusion && { exclusion: exclusion }),
          session: view.history.at(-1)?.session ?? 0,
          mark: shot.mark ?? ('solid' as const),
          solidProbability: 1,
        })),
    ],
  }
}
