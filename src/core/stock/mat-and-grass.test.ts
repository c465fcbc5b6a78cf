import { describe, expect, it } from 'vitest'
import { around, hit, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { factorOf } from '../balls/factor'
import type { ClubId } from '../model/ids'
import { atStation, fullSwingOf } from '../model/station'
import { yards } from '../units'
import { matAndGrass } from './mat-and-grass'

type Hit = Parameters<typeof matAndGrass>[0][number]
const hits = (
  club: string,
  surface: Hit['surface'],
  carries: readonly number[],
  more: Partial<Hit> = {},
): Hit[] =>
  carries.map((carryM) => ({
    ...{ clubId: club as ClubId, swing: 'full', mark: 'solid', session: 0, carryM, ...more },
    ...(surface && { surface }),
  }))

describe('mat and grass', () => {
  it('of one station on one day is the factor of two balls hit alternately', () => {
    const [grass, mat] = [around(160, 7), around(165, 9)]
    const found = matAndGrass([...hits('7-iron', 'grass', grass), ...hits('7-iron', 'mat', mat)])!
    const plain = factorOf(grass, mat)!
    expect(found.factor.factor).toBeCloseTo(plain.factor, 10)
    expect(found.factor.low).toBeCloseTo(plain.low, 10)
    expect(found.factor.high).toBeCloseTo(plain.high, 10)
    expect(found).toMatchObject({ stations: 1, factor: { ofFirst: 7, ofSecond: 9 } })
  })

  it('hit on other days knows no more than the days leave open, however many clubs there are', () => {
    const clubs = ['5-iron', '6-iron', '7-iron', '8-iron', '9-iron', 'wedge']
    const on = (grassDay: number) =>
      matAndGrass(
        clubs.flatMap((club, i) => [
          ...hits(club, 'grass', around(170 - 10 * i, 10), { session: grassDay }),
          ...hits(club, 'mat', around((170 - 10 * i) * 1.02, 10), { session: 0 }),
        ]),
      )!
    const [sameDay, otherDay] = [on(0), on(1)]
    expect(sameDay.factor.factor).toBeCloseTo(1 / 1.02, 6)
    // Two per cent on the same day are seen; of other days they may be the day.
    expect(sameDay.stocks).toBe('two')
    expect(otherDay.stocks).toBe('open')
    const half = ({ factor: { low, high } }: typeof sameDay) => (high - low) / 2
    expect(half(otherDay)).toBeGreaterThan(1.645 * 0.02 * Math.SQRT2 * 0.97)
    expect(half(sameDay)).toBeLessThan(0.01)
  })

  it('takes solid shots that stand for calm air, those that are kept apart for the surface alone too, and three of each', () => {
    const grass = hits('7-iron', 'grass', around(160, 4))
    const mat = hits('7-iron', 'mat', around(166, 4), { exclusion: 'mat' })
    const whole = matAndGrass([...grass, ...mat])
    expect(whole?.stocks).toBe('two')
    const others = [
      ...hits('7-iron', 'mat', [90, 80], { mark: 'fat' }),
      ...hits('7-iron', 'mat', [120, 125], { exclusion: 'wind' }),
      ...hits('7-iron', undefined, [150, 151]),
      ...hits('7-iron', 'rough', [140]),
      ...hits('9-iron', 'mat', around(130, 9)),
    ]
    expect(matAndGrass([...grass, ...mat, ...others])).toEqual(whole)
    expect(matAndGrass([...grass, ...mat.slice(0, 2)])).toBeNull()
    expect(matAndGrass([])).toBeNull()
  })
})

describe('a golfer whose stocks stand for grass', () => {
  const seven = fullSwingOf('7-iron' as ClubId)
  const nine = fullSwingOf('9-iron' as ClubId)
  const onMat = { exclusion: 'mat', surface: 'mat' } as const
  const off = { ...onMat, adjustments: { offSurface: 'mat' } } as const
  const grass = hit('7-iron', around(160, 6), { surface: 'grass' })

  it('has the stock of grass, with those off the mat beside it; what has no others stands on the mat, and says so', () => {
    const shots = [...grass, ...hit('7-iron', around(166, 9), off), ...hit('9-iron', around(136, 6), off)]
    const { stocks, warnings } = analyseBag({ clubs: SIX, shots })
    const alone = analyseBag({ clubs: SIX, shots: [...grass, ...hit('9-iron', around(136, 6))] })
    expect(atStation(stocks, seven)?.carryM).toBeCloseTo(atStation(alone.stocks, seven)!.carryM!, 9)
    expect(atStation(stocks, seven)).toMatchObject({ conditions: { why: ['mat'], counted: 0 } })
    expect(atStation(stocks, seven)?.conditions?.excluded).toHaveLength(9)
    expect(atStation(stocks, seven)?.adjustments).toBeUndefined()
    expect(atStation(stocks, nine)).toMatchObject({
      conditions: { excluded: [], countedWhy: ['mat'] },
      adjustments: [{ kind: 'offSurface', of: ['mat'] }],
    })
    expect(warnings).toContainEqual({
      kind: 'holds',
      facts: { kind: 'offSurface', of: ['mat'], clubIds: [nine.clubId] },
    })
  })

  it('who counts wind counts it off grass, and the mat is kept apart all the same', () => {
    const windy = hit('7-iron', around(150, 4), { exclusion: 'wind', surface: 'grass' })
    const stock = (shots: typeof grass) =>
      atStation(analyseBag({ clubs: SIX, shots, rules: { windCounts: true } }).stocks, seven)!
    const found = stock([...windy, ...hit('7-iron', around(166, 9), off)])
    expect(found.count).toBe(4)
    expect(found.carryM! / yards(1)).toBeCloseTo(stock(windy).carryM! / yards(1), 9)
    expect(found.conditions).toMatchObject({ why: ['mat'], countedWhy: ['wind'] })
  })
})
