import { describe, expect, it } from 'vitest'
import { around, goodBag, hit, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { ClubId, GolferId, RoundId, RoundShotId, ShotId, VisitId } from '../model/ids'
import type { Round } from '../rounds/round'
import { isHit, type HitStock } from '../stock/stock'
import { lengthIn, yards, DAY_MS } from '../units'
import { playAgainstStocks } from './play-against-stocks'
import { gapsSince, stocksSince } from './changed-since'
import { followUpState } from './follow-up'
import { noticesFor } from './notices'
import type { AfterPlay, Visit } from './visit'
import { overlapping, weekAhead } from './week'

const NOW_MS = Date.UTC(2026, 3, 8, 9)
const club = (id: string) => id as ClubId

const visit = (atMs: number, minutes = 72): Visit => ({
  ...{ id: `at-${atMs}` as VisitId, golferId: 'g' as GolferId, atMs, offsetMin: 0, minutes },
  ...{ toDo: null, words: null, followUp: null, endedMs: null, changes: 0 },
})

describe('a follow-up', () => {
  const after = (weeks: number, passedMs: number) =>
    followUpState({ after: weeks, in: 'weeks' }, { fromMs: NOW_MS, nowMs: NOW_MS + passedMs, rounds: 0 })

  it('of four weeks is due in 23 days, five days after the visit, and due once they have passed', () => {
    expect(after(4, 5 * DAY_MS)).toEqual({ kind: 'in-days', days: 23 })
    expect(after(4, 28 * DAY_MS - 1)).toEqual({ kind: 'in-days', days: 1 })
    expect(after(4, 28 * DAY_MS)).toEqual({ kind: 'due', sinceDays: 0 })
    expect(after(4, 30.5 * DAY_MS)).toEqual({ kind: 'due', sinceDays: 2 })
  })

  it('of rounds waits for the rounds, however long they take', () => {
    const rounds = (played: number) =>
      followUpState(
        { after: 3, in: 'rounds' },
        { fromMs: NOW_MS, nowMs: NOW_MS + 400 * DAY_MS, rounds: played },
      )
    expect(rounds(1)).toEqual({ kind: 'in-rounds', rounds: 2 })
    expect(rounds(3)).toEqual({ kind: 'due', sinceDays: null })
    expect(rounds(9).kind).toBe('due')
  })
})

describe('the week ahead', () => {
  it('has four visits of 72 minutes, by the day and the clock of the desk, and today even without one', () => {
    const offsetMin = 120
    const local = (day: number, hour: number) =>
      NOW_MS - 9 * 3_600_000 + day * DAY_MS + (hour - 2) * 3_600_000
    const visits = [visit(local(3, 23.9)), visit(local(1, 15)), visit(local(1, 9)), visit(local(6, 0.1))]
    const days = weekAhead([...visits, visit(local(7, 0.1)), visit(local(-1, 23))], {
      nowMs: NOW_MS,
      offsetMin,
    })
    expect(days.map(({ visits: own }) => own.length)).toEqual([0, 2, 1, 1])
    expect(days.reduce((sum, { minutes }) => sum + minutes, 0)).toBe(4 * 72)
    expect(days[1]?.visits.map(({ atMs }) => atMs)).toEqual([local(1, 9), local(1, 15)])
    expect(days[0]?.fromMs).toBe(local(0, 0))
  })

  it('says which visits overlap: touching is none', () => {
    const first = visit(NOW_MS, 60)
    const touching = visit(NOW_MS + 60 * 60_000, 60)
    const within = visit(NOW_MS + 30 * 60_000, 10)
    expect(overlapping([first, touching, within], first)).toEqual([within])
    expect(overlapping([first], touching)).toEqual([])
  })
})

describe('what changed since a visit', () => {
  const before = analyseBag({ clubs: SIX, shots: goodBag(8) })
  const sideOf = (day: string) => (stock: HitStock) => ({
    ...{ carryM: stock.carryM, sdM: (stock.model.highM - stock.model.lowM) / 3.29, count: stock.count },
    days: new Map([[day, 1]]),
  })

  it('is told from the shots since, the likely ones first, and only of stations hit both times', () => {
    const since = analyseBag({
      clubs: SIX,
      shots: [
        ...hit('7-iron', around(176, 12)),
        ...hit('9-iron', around(136.2, 12)),
        ...hit('wedge', [90], { swing: 'half' }),
      ],
    })
    const found = stocksSince(before.stocks, since.stocks, { before: sideOf('a'), since: sideOf('b') }, 'yd')
    expect(found.map(({ clubId }) => clubId)).toEqual(['7-iron', '9-iron'])
    expect(found[0]?.found.word).toBe('real')
    expect(lengthIn(found[0]?.found.differenceM ?? 0, 'yd')).toBeCloseTo(16, 0)
    expect(found[1]?.found.word).not.toBe('real')
    expect(stocksSince([], since.stocks, { before: sideOf('a'), since: sideOf('b') }, 'yd')).toEqual([])
  })

  it('is every gap with another verdict or another sureness, with what it was', () => {
    const now = analyseBag({ clubs: SIX, shots: goodBag(8).filter(({ clubId }) => clubId !== 'wedge') })
    expect(gapsSince(before.gaps, before.gaps)).toEqual([])
    const fresh = gapsSince(now.gaps, before.gaps)
    expect(fresh.find(({ longerId }) => longerId === '9-iron')).toMatchObject({ then: null })
  })
})

describe('what is said after play', () => {
  const { stocks } = analyseBag({ clubs: SIX, shots: goodBag(8) })
  const afterPlay: AfterPlay = {
    ...{ enteredMs: NOW_MS, missingM: yards(148), off: { clubId: club('7-iron'), went: 'short' } },
    ...{ unusedId: club('7-wood'), words: null },
  }
  const round = (...shots: [string, number | null][]): Round =>
    ({
      ...{ id: 'r' as RoundId, place: null, openedMs: NOW_MS, offsetMin: 0, competition: false, day: null },
      shots: shots.map(([clubId, carryM], i) => ({
        ...{ id: `${i}` as RoundShotId, clubId: club(clubId), swing: 'full', carryM, leftM: null, lie: null },
        ...{ range: null, why: null, atMs: null },
      })),
    }) as unknown as Round

  it('stands beside the nearest stock, the stock with its rounds, and how often the club was hit', () => {
    const played = playAgainstStocks(afterPlay, stocks, [
      round(['7-iron', yards(150)], ['7-iron', yards(154)], ['7-iron', null]),
      round(['7-wood', null]),
    ])
    const seven = stocks.filter(isHit).find(({ clubId }) => clubId === '7-iron')
    expect(played.uncovered?.nearest.clubId).toBe('9-iron')
    expect(lengthIn(played.uncovered?.offM ?? 0, 'yd')).toBeCloseTo(136 - 148, 0)
    expect(played.off?.stock).toBe(seven)
    expect(played.off?.inRounds).toEqual({ carries: 2, carryM: yards(152) })
    expect(played.unused).toEqual({ shots: 1, rounds: 2 })
  })

  it('that is nothing has nothing beside it, and a club without shots no stock', () => {
    expect(
      playAgainstStocks({ ...afterPlay, missingM: null, off: null, unusedId: null }, stocks, []),
    ).toEqual({
      ...{ uncovered: null, off: null, unused: null },
    })
    expect(playAgainstStocks(afterPlay, [], [])).toEqual({
      ...{ uncovered: null, off: { stock: null, inRounds: null }, unused: { shots: 0, rounds: 0 } },
    })
  })
})

it('what is to look at leaves out what a number only says of itself', () => {
  const shotIds = ['a', 'b'] as ShotId[]
  expect(
    noticesFor(
      {
        gaps: [
          { verdict: 'reversed', settled: true },
          { verdict: 'reversed', settled: false },
          { verdict: 'too-wide', settled: true, leftOnPurpose: 'I like it' },
          { verdict: 'good', settled: true },
        ] as never,
        warnings: [
          { kind: 'other-club', facts: { clubId: club('a'), other: club('b'), shotIds } },
          { kind: 'holds', facts: { kind: 'rangeBall', of: ['x'], clubIds: [club('a')] } },
          { kind: 'tiring', facts: { of: 'speed', per90: -0.03, se: 0.01 } },
        ],
      },
      3,
    ),
  ).toEqual([
    { kind: 'held', count: 3 },
    { kind: 'reversed', count: 1 },
    { kind: 'other-club', count: 2 },
    { kind: 'tiring', count: 1 },
  ])
})
