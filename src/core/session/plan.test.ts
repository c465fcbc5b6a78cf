import { describe, expect, it } from 'vitest'
import { SIX } from '../../../tests/shots'
import type { ClubId } from '../model/ids'
import {
  ownPace,
  planBlocks,
  planOpens,
  planProgress,
  planSeconds,
  planWithNext,
  shotsSinceRest,
  splitOverDays,
  USUAL_PACE,
  type Block,
  type PlannedBlock,
  type PlanStation,
  hitForPlan,
} from './plan'
import type { Station } from '../model/station'

const clubs: PlanStation[] = SIX.map(({ id, kind, loftDeg }) => ({
  clubId: id,
  swing: 'full',
  kind,
  loftDeg,
}))
const block = (clubId: string, shots: number, swing = 'full'): Block => ({
  clubId: clubId as ClubId,
  swing,
  shots,
})
const order = (blocks: Block[]) => blocks.map(({ clubId, shots }) => `${clubId} ${shots}`)

describe('the order of a plan', () => {
  it('in rounds every club gets a few, shortest first, then all again', () => {
    expect(order(planBlocks(clubs, { shotsEach: 5, order: 'rounds-of-3' }))).toEqual([
      ...['wedge', '9-iron', '7-iron', '5-iron', '7-wood', 'driver'].map((club) => `${club} 3`),
      ...['wedge', '9-iron', '7-iron', '5-iron', '7-wood', 'driver'].map((club) => `${club} 2`),
    ])
  })

  it.each([
    ['short-to-long', ['wedge', 'driver']],
    ['long-to-short', ['driver', 'wedge']],
    ['seven-iron-first', ['7-iron', 'driver']],
  ] as const)('%s', (name, [first, last]) => {
    const blocks = planBlocks(clubs, { shotsEach: 6, order: name })
    expect([blocks[0]?.clubId, blocks.at(-1)?.clubId, blocks.length]).toEqual([first, last, 6])
  })

  it('least settled first, clubs without a shot before all', () => {
    const unsure = ({ clubId }: Station) =>
      new Map<string, number>([
        ['5-iron', Infinity],
        ['driver', 9],
      ]).get(clubId) ?? 2
    const blocks = planBlocks(clubs, { shotsEach: 3, order: 'least-settled-first' }, unsure)
    expect(blocks.slice(0, 3).map(({ clubId }) => clubId)).toEqual(['5-iron', 'driver', '7-wood'])
  })
})

describe('a plan over several days', () => {
  const rounds = planBlocks(clubs, { shotsEach: 9, order: 'rounds-of-3' })

  it('has no day longer than the golfer hits, and loses no block', () => {
    const days = splitOverDays(rounds, USUAL_PACE, 20 * 60)
    expect(days.flat()).toEqual(rounds)
    expect(days.length).toBeGreaterThan(1)
    for (const day of days) expect(planSeconds(day)).toBeLessThanOrEqual(20 * 60)
  })

  it('is one day where it fits, and gives a block that is too long a day of its own', () => {
    expect(splitOverDays(rounds, USUAL_PACE, 9 * 3600)).toEqual([rounds])
    expect(splitOverDays([block('a', 40), block('b', 3)], USUAL_PACE, 600)).toEqual([
      [block('a', 40)],
      [block('b', 3)],
    ])
  })
})

describe('the time a plan takes', () => {
  it('16 stations of 7: 112 shots, 15 changes and 6 rests are 70 min 47 s', () => {
    const blocks = Array.from({ length: 16 }, (_, i) => block(`c${i}`, 7))
    expect(planSeconds(blocks)).toBe(70 * 60 + 47)
    expect(planSeconds(blocks, { ...USUAL_PACE, restEvery: 0 })).toBe(70 * 60 + 47 - 6 * 85)
  })

  it('is by the golfer’s own pace once that is known, pauses left out', () => {
    let hitMs = 0
    const shots = Array.from({ length: 60 }, (_, i) => {
      hitMs += i === 30 ? 900_000 : i % 3 === 0 ? 70_000 : 40_000
      return { clubId: `c${Math.floor(i / 3)}` as ClubId, swing: 'full', hitMs }
    })
    expect(ownPace(shots)).toMatchObject({ shotS: 40, changeS: 30 })
    expect(ownPace(shots.slice(0, 6))).toEqual(USUAL_PACE)
  })
})

describe('the shots since the last rest', () => {
  const at = (...seconds: number[]) => seconds.map((s) => ({ hitMs: s * 1000 }))

  it('start again after a wait as long as a rest', () => {
    expect(shotsSinceRest(at(0, 30, 60), 85)).toBe(3)
    expect(shotsSinceRest(at(0, 30, 120, 150), 85)).toBe(2)
    expect(shotsSinceRest([], 85)).toBe(0)
  })
})

it('a shot that needs checking counts for its plan; warm-up, unknown clubs and second readings do not', () => {
  const shot = (heldBecause: string | null, more: object = {}) =>
    ({ clubId: 'a', swing: 'full', heldBecause, warmUp: false, ...more }) as never
  const shots = [
    shot(null),
    shot('implausible-carry'),
    shot('range-not-clear'),
    shot('second-monitor'),
    shot('no-station', { clubId: null }),
    shot(null, { warmUp: true }),
  ]
  expect(hitForPlan(shots)).toEqual(Array(3).fill({ clubId: 'a', swing: 'full' }))
})

describe('how far a plan is hit', () => {
  const plan = [block('a', 3), block('b', 3), block('a', 3)]
  const shot = (clubId: string) => ({ clubId: clubId as ClubId, swing: 'full' })

  it('goes on at the first block that lacks shots', () => {
    expect(planProgress(plan, [])).toMatchObject({ at: 0, hit: 0 })
    expect(planProgress(plan, ['a', 'a', 'a', 'b'].map(shot))).toMatchObject({ at: 1, hit: 1 })
    expect(planProgress(plan, ['a', 'a', 'a', 'a', 'b', 'b', 'b'].map(shot))).toMatchObject({ at: 2, hit: 1 })
  })

  it('takes shots in whatever order they come, and counts no other station', () => {
    const progress = planProgress(plan, ['b', 'b', 'x', 'a', 'b', 'b'].map(shot))
    expect(progress).toMatchObject({ at: 0, hit: 1 })
    expect(progress.left).toEqual([block('a', 2), block('a', 3)])
  })

  it('until settled, leaves out stations that are done', () => {
    const done = ({ clubId }: Station) => clubId === 'a'
    expect(planProgress(plan, [shot('a')], done)).toMatchObject({ at: 1, hit: 0, left: [block('b', 3)] })
  })

  it('ends', () => {
    const all = planProgress(plan, ['a', 'a', 'a', 'a', 'a', 'a', 'b', 'b', 'b'].map(shot))
    expect(all).toEqual({ at: 3, hit: 0, left: [] })
  })
})

describe('shots put in front of a plan', () => {
  const planned = (clubId: string, shots: number, day = 1): PlannedBlock => ({ ...block(clubId, shots), day })
  const shot = (clubId: string, swing = 'full'): Station => ({ clubId: clubId as ClubId, swing })
  const lines = (plan: PlannedBlock[]) => plan.map(({ clubId, shots, day }) => `${day}: ${clubId} ${shots}`)

  it('come next: what was hit stays hit, what is left follows, other days stay', () => {
    const plan = [planned('wedge', 3), planned('9-iron', 3), planned('driver', 3, 2)]
    const hit = [shot('wedge'), shot('wedge'), shot('wedge'), shot('9-iron')]
    const with7 = planWithNext(plan, hit, [block('7-iron', 6)])
    expect(lines(with7)).toEqual(['1: wedge 3', '1: 9-iron 1', '1: 7-iron 6', '1: 9-iron 2', '2: driver 3'])
    const { left, at } = planProgress(
      with7.filter(({ day }) => day === 1),
      hit,
    )
    expect(order(left)).toEqual(['7-iron 6', '9-iron 2'])
    expect(with7[at]?.clubId).toBe('7-iron')
  })

  it('of a station that was hit already are hit again, and a session without a plan gets one', () => {
    const hit = [shot('wedge'), shot('wedge')]
    const again = planWithNext([], hit, [block('wedge', 3)])
    expect(lines(again)).toEqual(['1: wedge 2', '1: wedge 3'])
    expect(order(planProgress(again, hit).left)).toEqual(['wedge 3'])
    expect(lines(planWithNext([], [], [block('driver', 3)]))).toEqual(['1: driver 3'])
  })

  it('asked for again are not put in twice: what the plan still has of them comes first', () => {
    const once = planWithNext([planned('wedge', 3), planned('7-iron', 5)], [], [block('7-iron', 3)])
    expect(lines(once)).toEqual(['1: 7-iron 3', '1: wedge 3', '1: 7-iron 2'])
    expect(lines(planWithNext(once, [], [block('7-iron', 3)]))).toEqual(lines(once))
  })

  it('keep two swings of one club apart', () => {
    const hit = [shot('wedge'), shot('wedge', 'half'), shot('wedge', 'half')]
    const blocks = planWithNext([], hit, [])
    expect(blocks.map(({ swing, shots }) => `${swing} ${shots}`)).toEqual(['full 1', 'half 2'])
  })
})

describe('the plan opens its next station', () => {
  const wedge: Station = { clubId: 'wedge' as ClubId, swing: 'full' }
  const iron: Station = { clubId: '9-iron' as ClubId, swing: 'full' }
  const half: Station = { ...wedge, swing: 'half' }

  it('as soon as a shot ends the block in hand', () => {
    expect(planOpens({ block: wedge, taken: 2 }, { block: iron, taken: 3 }, wedge)).toEqual(iron)
    expect(planOpens({ block: wedge, taken: 2 }, { block: half, taken: 3 }, wedge)).toEqual(half)
    expect(planOpens({ block: wedge, taken: 1 }, { block: wedge, taken: 2 }, wedge)).toBeNull()
  })

  it('never behind the golfer’s back: not elsewhere, not without an open station, not at the end', () => {
    expect(planOpens({ block: wedge, taken: 2 }, { block: iron, taken: 3 }, iron)).toBeNull()
    expect(planOpens({ block: wedge, taken: 2 }, { block: iron, taken: 3 }, null)).toBeNull()
    expect(planOpens({ block: wedge, taken: 2 }, { block: null, taken: 3 }, wedge)).toBeNull()
  })

  it('where a shot was taken back, or is off the screen for a moment, nothing is opened', () => {
    expect(planOpens({ block: iron, taken: 3 }, { block: wedge, taken: 2 }, iron)).toBeNull()
    expect(planOpens({ block: iron, taken: 3 }, { block: wedge, taken: 3 }, iron)).toBeNull()
  })
})
