import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import { PLAIN } from '@/core/session/conditions'
import type { SessionShot } from '@/core/session/session-shot'
import type { BayView } from '@/views/bay-view'
import type { TypedPost } from '@/core/shots/typed-post'
import { unreachable, type Sent } from '../../shared/send'
import { bayAfter, bayState, shownBay, undoBatch, type BayEvent, type BayState } from './bay-state'

const NOW_MS = Date.UTC(2026, 3, 11, 9, 30)
const IRON = { clubId: '8-iron' as ClubId, swing: 'full' }
const typed = (id: string, more: Partial<TypedPost> = {}): TypedPost => ({
  ...IRON,
  id: id as ShotId,
  carryM: 120,
  hitMs: NOW_MS,
  ...more,
})
const stored = (id: string, seq: number): SessionShot =>
  ({ ...typed(id), seq, source: 'typed', mark: null, heldBecause: null, conditions: PLAIN }) as never

/** A Bay that holds some shots: what the pages do with one needs no more of it. */
const view = (...shots: SessionShot[]): BayView =>
  ({
    session: { id: 'session', open: null },
    lastClearMs: NOW_MS - 1000,
    golfer: { stocksOff: null },
    setUp: null,
    shots,
    history: [],
    now: PLAIN,
    undo: { batch: `batch ${shots.length}`, kind: 'taken', source: 'typed', shots: 1, carryM: 120 },
    redo: null,
  }) as never

const after = (events: BayEvent[], from: BayState = bayState(view())) => events.reduce(bayAfter, from)
const response = (value: BayView, ...kept: string[]): BayEvent => ({
  type: 'answered',
  sent: { ok: true, value },
  kept: kept as ShotId[],
})
const failed = (sent: Sent<BayView>): BayEvent => ({ type: 'answered', sent, kept: [] })
const refused: Sent<BayView> = { ok: false, problems: [{ field: '', sentence: 'No.' }] }
const request: BayEvent = { type: 'asked' }
const shown = (state: BayState) => shownBay(state).shots.map(({ id }) => id)
const [a, b] = [typed('a'), typed('b')]
const over = (id: string, outcome: 'taken' | 'refused' | 'waits', waiting = 0): BayEvent => ({
  type: 'settled',
  shotIds: [id as ShotId],
  outcome,
  waiting,
})

describe('typed shots', () => {
  it('show at once behind those that are stored, and once when the answer holds them', () => {
    const before = after([{ type: 'typed', shots: [a] }, request], bayState(view(stored('x', 7))))
    expect(shown(before)).toEqual(['x', 'a'])
    expect(shownBay(before).shots.at(-1)?.seq).toBe(8)
    const then = after([over('a', 'taken'), response(view(stored('x', 7), stored('a', 8)))], before)
    expect(shown(then)).toEqual(['x', 'a'])
    expect(then.unanswered).toEqual([])
  })

  it('that are refused are shown no more; those that wait in the browser stay', () => {
    const two: BayEvent[] = [{ type: 'typed', shots: [a] }, request, { type: 'typed', shots: [b] }, request]
    const state = after([...two, over('a', 'refused'), failed(refused), over('b', 'waits', 1)])
    expect(shown(state)).toEqual(['b'])
    expect(state.waiting).toBe(1)
    const read = after([failed(unreachable()), request, response(view(), 'b')], state)
    expect(shown(read)).toEqual(['b'])
    expect(shown(after([request, response(view(stored('b', 1)))], read))).toEqual(['b'])
  })

  it('that waited since an earlier page stand before those of this one, each once', () => {
    const state = after([
      { type: 'typed', shots: [b] },
      { type: 'waits', shots: [a, b] },
      { type: 'waits', shots: [a, b] },
    ])
    expect(shown(state)).toEqual(['a', 'b'])
    expect(state.waiting).toBe(1)
  })

  it('that correct another take its place at once, also where that one has not been answered', () => {
    const before = bayState(view(stored('x', 7)))
    const corrected = typed('y', { replaces: 'x' as ShotId, carryM: 130 })
    expect(shown(after([{ type: 'typed', shots: [corrected] }], before))).toEqual(['y'])
    const again = typed('z', { replaces: 'y' as ShotId })
    expect(shown(after([{ type: 'typed', shots: [corrected, again] }], before))).toEqual(['z'])
  })

  it('are held where Banco would hold them, and stand in no history then', () => {
    const late = typed('late', { hitMs: NOW_MS + 10 * 60_000 })
    const slip = typed('slip', { heldBecause: 'implausible-carry' })
    const bay = shownBay(after([{ type: 'typed', shots: [a, slip, late] }]))
    expect(bay.shots.map(({ heldBecause }) => heldBecause)).toEqual([
      null,
      'implausible-carry',
      'range-not-clear',
    ])
    expect(bay.history.map(({ id }) => id)).toEqual(['a'])
  })
})

it('new shots are shown before the analysis includes them, and shown shots stay', () => {
  const came = (...shots: SessionShot[]): BayEvent => ({ type: 'came', shots })
  const before = bayState(view(stored('x', 7)))
  expect(shown(after([came(stored('x', 7), stored('y', 8))], before))).toEqual(['x', 'y'])
  expect(shown(after([came()], before))).toEqual(['x'])
  const typedFirst = after([{ type: 'typed', shots: [b] }, came(stored('x', 7), stored('b', 8))], before)
  expect(shown(typedFirst)).toEqual(['x', 'b'])
  const shotId = 'b' as ShotId
  const marked = after(
    [
      { type: 'typed', shots: [b] },
      { type: 'marked', shotId, mark: 'other-club' },
      came(stored('x', 7), stored('b', 8)),
    ],
    before,
  )
  expect(shownBay(marked).shots.at(-1)?.mark).toBe('other-club')
})

describe('answers', () => {
  it('of which a newer one is under way are passed over: what is shown never goes back', () => {
    const both = after([request, request, response(view(stored('a', 1)))])
    expect(shown(both)).toEqual([])
    expect(shown(after([response(view(stored('a', 1), stored('b', 2)))], both))).toEqual(['a', 'b'])
  })

  it('passed over for one that then was refused leave the page old: it reads again, unless nobody answers', () => {
    const passed: BayEvent[] = [request, request, response(view(stored('a', 1)))]
    expect(after([...passed, failed(refused)]).stale).toBe(true)
    expect(after([...passed, failed(refused), request]).stale).toBe(false)
    expect(after([...passed, failed(unreachable())]).stale).toBe(false)
    expect(after([request, failed(refused)]).stale).toBe(false)
  })
})

describe('what the golfer does', () => {
  it('opens a station, clears the range and marks a shot at once, a stored or an unanswered one', () => {
    const from = after([{ type: 'typed', shots: [b] }], bayState(view(stored('a', 1))))
    const bay = shownBay(
      after(
        [
          { type: 'opened', station: IRON },
          { type: 'cleared', atMs: NOW_MS },
          { type: 'marked', shotId: 'a' as ShotId, mark: 'fat' },
          { type: 'marked', shotId: 'b' as ShotId, mark: 'thin' },
        ],
        from,
      ),
    )
    expect(bay).toMatchObject({ session: { open: IRON }, lastClearMs: NOW_MS })
    expect(bay.shots.map(({ mark }) => mark)).toEqual(['fat', 'thin'])
  })

  it('counts what waited for the range at once, also while nobody answers', () => {
    const waits = { ...stored('a', 1), heldBecause: 'range-not-clear' } as SessionShot
    const other = { ...stored('b', 2), heldBecause: 'unknown-club' } as SessionShot
    const state = after([{ type: 'cleared', atMs: NOW_MS }], bayState(view(waits, other)))
    expect(shownBay(state).shots.map(({ heldBecause }) => heldBecause)).toEqual([null, 'unknown-club'])
  })

  it('undoes what it was told; with something unanswered, whatever is newest', () => {
    expect(undoBatch(bayState(view()))).toBe('batch 0')
    expect(undoBatch(after([{ type: 'typed', shots: [a] }]))).toBeNull()
    expect(undoBatch(after([request]))).toBeNull()
    expect(shownBay(after([{ type: 'typed', shots: [a, b] }])).undo).toMatchObject({
      kind: 'taken',
      carryM: 120,
    })
  })

  it('changes nothing that it was given', () => {
    const state = Object.freeze(bayState(Object.freeze(view(stored('a', 1)))))
    const events: BayEvent[] = [
      { type: 'typed', shots: [b] },
      { type: 'marked', shotId: 'a' as ShotId, mark: 'fat' },
      { type: 'live', live: true },
      { type: 'problems', problems: [{ field: '', sentence: 'No.' }] },
    ]
    const end = after(events, state)
    expect(end).toMatchObject({ live: true, problems: [{ sentence: 'No.' }] })
    expect(state).toEqual(bayState(view(stored('a', 1))))
  })
})
