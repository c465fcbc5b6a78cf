import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import type { ClubId, SessionId, ShotId } from '../model/ids'
import { corrected, fieldsOff, shifted, type Correction } from './correction'
import { pairReadings, type MonitorReading, type Pairing } from './pair-readings'

const reading = (
  monitor: string,
  n: number,
  hitMs: number,
  more: Partial<MonitorReading> = {},
): MonitorReading => ({
  id: `${monitor}${n}` as ShotId,
  sessionId: `session-${monitor}` as SessionId,
  clubId: '7i' as ClubId,
  swing: 'full',
  hitMs,
  carryM: 100 + n,
  ...more,
})
const many = (monitor: string, count: number, without: number[] = [], atMs = (n: number) => n * 30_000) =>
  Array.from({ length: count }, (_, i) => i + 1)
    .filter((n) => !without.includes(n))
    .map((n) => reading(monitor, n, atMs(n)))
const ids = ({ pairs }: Pairing) => pairs.map(({ first, second }) => `${first.id} ${second.id}`)
const same = (numbers: number[]) => numbers.map((n) => `A${n} B${n}`)
const upTo = (count: number, without: number[] = []) =>
  Array.from({ length: count }, (_, i) => i + 1).filter((n) => !without.includes(n))

describe('the readings of two monitors', () => {
  it('of 20 balls, of which each lost one, are 18 pairs, and the two lost ones shift nothing', () => {
    const found = pairReadings(
      many('A', 20, [5]),
      many('B', 20, [12], (n) => n * 30_000 + 700),
    )
    expect(ids(found)).toEqual(same(upTo(20, [5, 12])))
    expect(found.left.first.map(({ id }) => id)).toEqual(['A12'])
    expect(found.left.second.map(({ id }) => id)).toEqual(['B5'])
    expect(new Set(found.pairs.map(({ by }) => by))).toEqual(new Set(['time']))
  })

  it('go by the clock even where balls are hit a second and a half apart', () => {
    const quick = (n: number) => n * 1500
    const found = pairReadings(
      many('A', 20, [5], quick),
      many('B', 20, [12], (n) => quick(n) + 40),
    )
    expect(ids(found)).toEqual(same(upTo(20, [5, 12])))
  })

  it('further than 20 s apart are of two balls, unless the clocks of two files differ', () => {
    const alone = pairReadings([reading('A', 1, 0)], [reading('B', 1, 20_001)])
    expect(alone.pairs).toEqual([])
    expect(pairReadings([reading('A', 1, 0)], [reading('B', 1, 20_000)]).pairs).toHaveLength(1)
    // Uneven pauses: only one setting of the second clock, 47 minutes ahead, makes the balls agree.
    const uneven = (n: number) => n * 40_000 + (n % 5) * 9_000
    const found = pairReadings(
      many('A', 16, [3], uneven),
      many('B', 16, [9], (n) => uneven(n) + 47 * 60_000),
    )
    expect(ids(found)).toEqual(same(upTo(16, [3, 9])))
  })

  /** 37 balls by a bag of six clubs, every 35 s but for the clubs' changes; each monitor loses three others. */
  const bagOf37 = (offMs: number, everyMs = 35_000) => {
    const roll = dice(37)
    const balls = Array.from({ length: 40 }, (_, i) => {
      const club = Math.floor(i / 7)
      return {
        hitMs: i * everyMs + club * 11_000 + roll.between(-1_500, 1_500),
        clubId: `c${club}` as ClubId,
        carryM: (160 - 12 * club) * Math.exp(roll.normal(0, 0.035)),
      }
    })
    const read = (monitor: string, lost: number[], plusMs: number, times: number) =>
      balls.flatMap((ball, n) =>
        lost.includes(n)
          ? []
          : [
              reading(monitor, n, ball.hitMs + plusMs + roll.between(-400, 400), {
                clubId: ball.clubId,
                carryM: ball.carryM * times * Math.exp(roll.normal(0, 0.01)),
              }),
            ],
      )
    return { a: read('A', [3, 17, 31], 0, 1), b: read('B', [8, 20, 36], offMs, 1.012) }
  }

  it.each([
    ['none', 0],
    ['2 s', 2_000],
    ['90 s', 90_000],
    ['10 min', 600_000],
    ['1 h', 3_600_000],
    ['1 day', 86_400_000],
  ])(
    '34 balls every 35 s, three lost by each, clocks that differ by %s: all are paired rightly',
    (_, offMs) => {
      const { a, b } = bagOf37(offMs)
      const found = pairReadings(a, b)
      expect(found.pairs).toHaveLength(34)
      expect(found.pairs.every(({ first, second }) => first.id.slice(1) === second.id.slice(1))).toBe(true)
      const bias = found.pairs.map(
        ({ first, second }) => (first.carryM as number) - (second.carryM as number),
      )
      const mean = bias.reduce((sum, each) => sum + each, 0) / bias.length
      expect(Math.abs(mean + 0.012 * 130)).toBeLessThan(0.5)
      // Where neither names a club the carries alone tell it.
      const unnamed = [a, b].map((list) => list.map((each) => ({ ...each, clubId: null })))
      const alone = pairReadings(unnamed[0]!, unnamed[1]!)
      expect(
        alone.pairs.filter(({ first, second }) => first.id.slice(1) === second.id.slice(1)),
      ).toHaveLength(34)
    },
  )

  it('are never of two clubs that both monitors name', () => {
    const clubs = (id: string) => ({ clubId: id as ClubId })
    const a = [reading('A', 1, 0, clubs('7i')), reading('A', 2, 30_000, clubs('8i'))]
    const b = [reading('B', 1, 500, clubs('8i')), reading('B', 2, 30_400, { clubId: null })]
    expect(ids(pairReadings(a, b))).toEqual(['A2 B2'])
  })

  it('without a clock go by their numbers at each station', () => {
    const file = (monitor: string) => [
      ...many(monitor, 3, [], () => 0),
      reading(monitor, 9, 0, { clubId: '5i' as ClubId }),
    ]
    const found = pairReadings(file('A'), file('B').reverse())
    expect(found.pairs.map(({ first, second }) => [first.clubId, second.clubId])).toContainEqual(['5i', '5i'])
    expect(found.pairs).toHaveLength(4)
    expect(new Set(found.pairs.map(({ by }) => by))).toEqual(new Set(['number']))
  })

  it('go where the golfer puts them: to another, to none, from either side', () => {
    const [a, b] = [many('A', 4), many('B', 4)]
    const moved = [
      { shotId: 'B1' as ShotId, withId: 'A2' as ShotId },
      { shotId: 'A4' as ShotId, withId: null },
    ]
    const found = pairReadings(a, b, moved)
    expect(ids(found)).toEqual(['A2 B1', 'A3 B3'])
    expect(found.left.first.map(({ id }) => id)).toEqual(['A1', 'A4'])
    expect(found.moved).toBe(true)
    expect(pairReadings(a, b, [{ shotId: 'B1' as ShotId, withId: null }]).moved).toBe(true)
    expect(pairReadings(a, b).moved).toBe(false)
    // The other way round it is the same pairs.
    const turned = pairReadings(b, a, moved)
    expect(turned.pairs.map(({ first, second }) => `${second.id} ${first.id}`)).toEqual(ids(found))
    // What was said of readings that are not there says nothing.
    expect(pairReadings(a, b, [{ shotId: 'C1' as ShotId, withId: 'A1' as ShotId }]).pairs).toHaveLength(4)
  })

  it('are each in one pair or left over, whatever the times, and from both sides alike', () => {
    const roll = dice(18)
    for (let run = 0; run < 300; run++) {
      const times = () =>
        Array.from({ length: Math.floor(roll.between(0, 25)) }, () => roll.between(0, 600_000))
      const a = times().map((ms, n) => reading('A', n, ms))
      const b = times().map((ms, n) => reading('B', n, ms))
      const { pairs, left } = pairReadings(a, b)
      expect(pairs.length + left.first.length).toBe(a.length)
      expect(pairs.length + left.second.length).toBe(b.length)
      expect(new Set(pairs.map(({ second }) => second.id)).size).toBe(pairs.length)
      const turned = ids(pairReadings(b, a))
      expect(pairs.every(({ first, second }) => turned.includes(`${second.id} ${first.id}`))).toBe(true)
    }
  })
})

describe('a correction', () => {
  const on: Correction = {
    monitor: 'B',
    field: 'carryM',
    ...{ share: 0, plus: 1.8, against: 'A', pairs: 20, half: 0.6, setMs: 0, on: true },
  }

  it('changes its own monitor’s field while it is on, and nothing else', () => {
    const shot = { carryM: 100, totalM: 110 }
    expect(corrected(shot, 'B', [on])).toEqual({ carryM: 101.8, totalM: 110 })
    expect(corrected(shot, 'A', [on])).toBe(shot)
    expect(corrected(shot, null, [on])).toBe(shot)
    expect(corrected(shot, 'B', [{ ...on, on: false }])).toBe(shot)
    expect(corrected({ carryM: null }, 'B', [on])).toEqual({ carryM: null })
    expect(shot).toEqual({ carryM: 100, totalM: 110 })
  })

  it('there and back is what the monitor said', () => {
    const roll = dice(19)
    for (let run = 0; run < 300; run++) {
      const shift = { share: roll.between(-0.4, 0.4), plus: roll.between(-30, 30) }
      const value = roll.between(1, 400)
      expect((shifted(value, shift) - shift.plus) / (1 + shift.share)).toBeCloseTo(value, 9)
    }
  })

  const pairs = (off: (carry: number) => number) =>
    Array.from({ length: 30 }, (_, i) => {
      const carryM = 60 + 5 * i
      const noise = Math.sin(2.3 * i)
      return {
        first: reading('A', i, i, { carryM: off(carryM) + noise, spinRpm: 5000 }),
        second: reading('B', i, i, { carryM, spinRpm: 5000 + 100 * noise }),
        by: 'time' as const,
      }
    })

  it('is proposed for each field that both measure, where the difference is surely one', () => {
    const [carry, spin, ...more] = fieldsOff(pairs((carry) => carry + 3))
    expect(carry).toMatchObject({ field: 'carryM', pairs: 30, shift: { share: 0 } })
    expect(carry?.shift?.plus).toBeCloseTo(3, 0)
    expect(spin).toMatchObject({ field: 'spinRpm', shift: null })
    expect(more).toEqual([])
  })

  it('is a share where the difference grows with distance', () => {
    const [carry] = fieldsOff(pairs((carry) => carry * 1.04))
    expect(carry?.shift?.share).toBeCloseTo(0.04, 2)
    expect(carry?.shift?.plus).toBe(0)
  })
})
