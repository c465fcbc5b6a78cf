import { describe, expect, it } from 'vitest'
import { around, goodBag, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { ClubId, RoundId, RoundShotId } from '../model/ids'
import {
  dayEnds,
  competitionUntil,
  shotsFromEvents,
  type Round,
  type RoundEvent,
  type RoundShot,
} from './round'
import { lengthIn, yards } from '../units'
import { bayToCourse } from './bay-to-course'
import { demandBins, demandIn, goalZoneOf } from './demand'
import { demandBetween, byDemand, NO_DEMAND } from '../gaps/demand'
import { clubUse, leavesGap, notHit, clubsInRounds } from './use'

const HOUR_MS = 3_600_000
const NOW_MS = Date.UTC(2026, 3, 11, 12)
let made = 0
const shot = (clubId: string, leftYd: number | null = null, more: Partial<RoundShot> = {}): RoundShot => ({
  id: `shot-${made++}` as RoundShotId,
  clubId: clubId as ClubId,
  swing: 'full',
  leftM: leftYd === null ? null : yards(leftYd),
  afterM: null,
  carryM: null,
  lie: null,
  ...more,
})
const round = (shots: RoundShot[], daysAgo = 1, more: Partial<Round> = {}): Round => ({
  id: `round-${made++}` as RoundId,
  place: 'Tarnwick',
  openedMs: NOW_MS - daysAgo * 24 * HOUR_MS,
  offsetMin: 0,
  competition: false,
  day: null,
  shots,
  ...more,
})

describe('what is said of a round', () => {
  const event = (of: RoundShot, more: Partial<RoundEvent> = {}): RoundEvent => ({
    ...of,
    said: `said-${made++}`,
    atMs: NOW_MS,
    ...more,
  })

  it('the newest word of a shot stands, in the place of the first; one that is gone is none', () => {
    const [a, b, c] = [shot('driver', 360), shot('7-iron', 150), shot('wedge', 60)]
    const shots = shotsFromEvents([
      event(a),
      event(b),
      event(c),
      event({ ...b, leftM: yards(148) }),
      event(c, { gone: true }),
    ])
    expect(shots.map(({ id }) => id)).toEqual([a.id, b.id])
    expect(lengthIn(shots[1]?.leftM ?? 0, 'yd')).toBeCloseTo(148, 6)
  })

  it('is laid over what was known before', () => {
    const [a, b] = [shot('driver'), shot('wedge')]
    const shots = shotsFromEvents([event({ ...a, lie: 'tee' }), event(shot('7-iron'))], [a, b])
    expect(shots.map(({ clubId }) => clubId)).toEqual(['driver', 'wedge', '7-iron'])
    expect(shots[0]?.lie).toBe('tee')
  })
})

describe('a competition round', () => {
  it('leaves the plain card alone until midnight at its place', () => {
    const openedMs = Date.UTC(2026, 3, 11, 21, 30)
    expect(dayEnds(openedMs, 0)).toBe(Date.UTC(2026, 3, 12))
    // At 23:30 by a clock two hours ahead the day has half an hour left; by one two hours behind it has four and a half.
    expect(dayEnds(openedMs, 120)).toBe(Date.UTC(2026, 3, 11, 22))
    expect(dayEnds(openedMs, -120)).toBe(Date.UTC(2026, 3, 12, 2))
    const rounds = [{ competition: true, openedMs, offsetMin: 0 }]
    expect(competitionUntil(rounds, openedMs)).toBe(Date.UTC(2026, 3, 12))
    expect(competitionUntil(rounds, Date.UTC(2026, 3, 12))).toBeNull()
    expect(competitionUntil(rounds, openedMs - 1)).toBeNull()
    expect(competitionUntil([{ competition: false, openedMs, offsetMin: 0 }], openedMs)).toBeNull()
  })
})

describe('use', () => {
  const clubs = SIX.map(({ id }) => ({ id }))
  const three = [
    round(
      [shot('driver', null, { lie: 'tee' }), shot('7-iron', 150, { lie: 'rough' }), shot('wedge', 60)],
      1,
    ),
    round([shot('driver', null, { lie: 'tee' }), shot('5-iron', 170)], 8),
    round([shot('driver'), shot('9-iron', 130, { lie: 'fairway' })], 15),
  ]

  it('is counted by club and lie, shots of clubs that left the bag apart', () => {
    const use = clubUse(clubs, [...three, round([shot('gone')], 20)])
    expect(use.map(({ shots }) => shots)).toEqual([3, 0, 1, 1, 1, 1])
    expect(use[0]?.lies).toMatchObject({ tee: 2, unsaid: 1 })
    expect(use[3]?.lies.rough).toBe(1)
  })

  it('clubs that none of the last three rounds has are named, and none before there are three', () => {
    expect(notHit(clubs, three)).toEqual(['7-wood'])
    expect(notHit(clubs, [...three, round([shot('7-wood')], 30)])).toEqual(['7-wood'])
    expect(notHit(clubs, three.slice(1))).toEqual([])
    expect(notHit(clubs, [...three.slice(1), round([], 1)])).toEqual([])
  })

  it('stands beside the stock of each station, with the mean of what was said to carry', () => {
    const rounds = [
      round([
        shot('7-iron', 150, { carryM: 120 }),
        shot('7-iron', 140, { carryM: 130 }),
        shot('7-iron', 130),
      ]),
      round([shot('wedge', 60, { swing: 'half' })]),
    ]
    expect(clubsInRounds(rounds)).toEqual([
      { clubId: '7-iron', swing: 'full', shots: 3, carries: 2, carryM: 125 },
      { clubId: 'wedge', swing: 'half', shots: 1, carries: 0, carryM: null },
    ])
  })

  it('a club that went would leave the gap between its neighbours; the ends of a bag leave none', () => {
    const { stocks } = analyseBag({ clubs: SIX, shots: goodBag() })
    const left = leavesGap(clubs, stocks, '7-iron' as ClubId)
    expect(left).toMatchObject({ longerId: '5-iron', shorterId: '9-iron' })
    expect(lengthIn(left?.gapM ?? 0, 'yd')).toBeCloseTo(42, 0)
    expect(leavesGap(clubs, stocks, 'driver' as ClubId)).toBeNull()
    expect(leavesGap(clubs, stocks, 'wedge' as ClubId)).toBeNull()
    expect(
      leavesGap(
        clubs,
        stocks.filter(({ clubId }) => clubId !== '5-iron'),
        '7-iron' as ClubId,
      ),
    ).toBeNull()
  })
})

describe('faced', () => {
  /** The worked example: 61 shots in 3 rounds, 7 of them asked for 114 to 127. */
  const sixtyOne = [
    ...Array.from({ length: 7 }, (_, i) => 114 + 2 * i),
    ...Array.from({ length: 54 }, (_, i) => (i % 2 === 0 ? 60 + i / 2 : 150 + i / 2)),
  ]
  const rounds = [0, 1, 2].map((r) =>
    round(
      sixtyOne.filter((_, i) => i % 3 === r).map((yd) => shot('7-iron', yd)),
      1 + r,
    ),
  )
  const range: [number, number] = [yards(114), yards(127)]

  it('61 shots in 3 rounds, 7 of them asked for 114 to 127: that hole is faced 2.3 times a round', () => {
    const demand = demandIn(rounds, NOW_MS, yards(210))
    expect(demand.distancesM).toHaveLength(61)
    expect(demandBetween(demand, range).shots).toBe(7)
    expect(demandBetween(demand, range).aRound).toBeCloseTo(2.3, 1)
  })

  it('what no club reaches, what is older than twelve months, and what nobody said is not faced', () => {
    const odd = round([shot('driver', 360), shot('driver'), shot('wedge', 90)], 2)
    const old = round([shot('wedge', 95)], 400)
    expect(demandIn([odd, old], NOW_MS, yards(210))).toMatchObject({ rounds: 1, distancesM: [yards(90)] })
    expect(demandBetween(NO_DEMAND, range)).toEqual({ shots: 0, aRound: 0 })
  })

  it('stands in fives, each where it belongs', () => {
    const demand = { distancesM: [0, 4.9, 5, 12, 12].map(yards), rounds: 1 }
    expect(demandBins(demand, yards(5))).toEqual([2, 1, 2])
    expect(demandBins(NO_DEMAND)).toEqual([])
  })

  it('a goal zone is the shortest span with half of what lies under the longest iron', () => {
    const yd = [
      ...Array.from({ length: 12 }, (_, i) => 100 + i),
      ...Array.from({ length: 12 }, (_, i) => 30 + 5 * i),
    ]
    const zone = goalZoneOf({ distancesM: yd.map(yards), rounds: 3 }, yards(180))
    expect(zone?.map((end) => Math.round(lengthIn(end, 'yd')))).toEqual([100, 111])
    expect(goalZoneOf({ distancesM: yd.slice(0, 12).map(yards), rounds: 1 }, yards(180))).toBeNull()
    // Beyond the longest iron nothing counts.
    expect(goalZoneOf({ distancesM: yd.map(yards), rounds: 3 }, yards(60))).toBeNull()
  })

  it('holes stand by how often they are faced, and by their width where nothing tells them apart', () => {
    const demand = { distancesM: [80, 81, 120].map(yards), rounds: 1 }
    const uncovered: [number, number][] = [
      [118, 122],
      [60, 64],
      [40, 50],
      [79, 83],
    ].map(([from, to]) => [yards(from as number), yards(to as number)])
    expect(byDemand(uncovered, demand)).toEqual([uncovered[3], uncovered[0], uncovered[2], uncovered[1]])
  })
})

describe('bay to course', () => {
  /** Seven with a mean of −4.2 and a standard deviation of 4, as the worked example has them. */
  const seven = [-1.5, -0.5, 0.5, 0, 0.5, 1.5, -0.5]
  const scaled = (() => {
    const mean = seven.reduce((a, b) => a + b, 0) / 7
    const sd = Math.sqrt(seven.reduce((sum, each) => sum + (each - mean) ** 2, 0) / 6)
    return seven.map((each) => -4.2 + (4 * (each - mean)) / sd)
  })()
  const carries = (off: number[], kind: 'iron' | 'wedge' = 'iron') =>
    off.map((each) => ({ kind, carryM: 130 + each, stockM: 130 }))

  it('7 shots, 4.2 short, sd 4: 4.2 ± 2.9, and offered', () => {
    const [found] = bayToCourse(carries(scaled))
    expect(found).toMatchObject({ kind: 'iron', shots: 7, offered: true })
    expect(found?.byM).toBeCloseTo(-4.2, 6)
    expect(found?.halfM).toBeCloseTo(2.9, 1)
  })

  it('is not offered from fewer shots, nor where the interval holds none; kinds stand apart', () => {
    expect(bayToCourse(carries(scaled.slice(0, 6)))[0]?.offered).toBe(false)
    expect(bayToCourse(carries(around(1, 9).map((_, i) => (i % 2 ? 6 : -7))))[0]?.offered).toBe(false)
    expect(bayToCourse([...carries(scaled), ...carries([1], 'wedge')]).map(({ kind }) => kind)).toEqual([
      'iron',
    ])
  })
})
