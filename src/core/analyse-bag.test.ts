import { describe, expect, it } from 'vitest'
import { around, club, goodBag, hit, SIX, SIX_CARRIES_YD } from '../../tests/shots'
import { analyseBag } from './analyse-bag'
import { type BagInput } from './analysis/bag-analysis'
import type { Shot } from './shots/shot'
import { lengthIn, yards } from './units'

const seven = club('7i', 'iron', 32, 0)
const eight = club('8i', 'iron', 36, 1)
const nine = club('9i', 'iron', 41, 2)
const only = <T>(list: T[]): T => {
  expect(list).toHaveLength(1)
  return list[0] as T
}
const times = <T>(n: number, list: T[]): T[] => Array.from({ length: n }, () => list).flat()
/** Five shots within half a yard. */
const steady = (carry: number) => [carry, carry + 0.4, carry - 0.4, carry + 0.2, carry - 0.2]

describe('a gap', () => {
  it('is settled when its interval crosses no limit', () => {
    const shots = [
      ...hit('7i', [150, 150.4, 149.6, 150.2, 149.8]),
      ...hit('8i', [139, 139.4, 138.6, 139.2, 138.8]),
    ]
    const gap = only(analyseBag({ clubs: [seven, eight], shots }).gaps)
    expect(gap).toMatchObject({ verdict: 'good', settled: true })
    expect(Math.abs(gap.gapM! - yards(11))).toBeLessThan(yards(0.3))
    expect(gap.lowM).toBeGreaterThan(yards(7))
    expect(gap.highM).toBeLessThan(yards(15))
  })

  it('is not settled when its interval crosses a limit, and leans', () => {
    const shots = [...hit('7i', [150, 141, 158, 147]), ...hit('8i', [139, 131, 144, 136])]
    const gap = only(analyseBag({ clubs: [seven, eight], shots }).gaps)
    expect(gap.settled).toBe(false)
    expect(gap.verdict).toBe('good')
    expect(gap.lowM).toBeLessThan(yards(7.5))
  })

  it('is never settled below seven shots of both, however steady', () => {
    const shots = [...hit('7i', [150, 150.1, 150]), ...hit('8i', [139, 139.1, 139])]
    expect(only(analyseBag({ clubs: [seven, eight], shots }).gaps).settled).toBe(false)
  })

  it('lies borderline when it is near a limit and surely no further than 3 yd from it', () => {
    const shots = [
      ...hit('7i', [150, 151, 149, 150.5, 149.5, 150.2]),
      ...hit('8i', [135, 136, 134, 135.5, 134.5, 135.2]),
    ]
    const gap = only(analyseBag({ clubs: [seven, eight], shots }).gaps)
    expect(gap).toMatchObject({ verdict: 'borderline', settled: true })
    expect(gap.lineM).toBeCloseTo(gap.limitsM!.tooWide, 9)
  })

  it.each([
    ['reversed', 145],
    ['too-close', 136],
    ['too-wide', 115],
  ])('can be %s', (verdict, shorter) => {
    const shots = [...hit('7i', times(3, steady(140))), ...hit('8i', times(3, steady(shorter)))]
    expect(only(analyseBag({ clubs: [seven, eight], shots }).gaps)).toMatchObject({ verdict, settled: true })
  })

  it('over a club that is absent by loft is judged by the limits of one gap', () => {
    const clubs = [seven, { ...nine, loftDeg: 41, order: 1 }]
    const shots = [...hit('7i', [150, 150.4, 149.6, 150]), ...hit('9i', [127.6, 128, 127.2, 127.6])]
    const gap = only(analyseBag({ clubs, shots }).gaps)
    expect(gap).toMatchObject({ absentClubs: 1, verdict: 'too-wide', settled: true })
    expect(gap.limitsM?.tooWide).toBeLessThan(yards(15.5))
  })

  it('to the same distance is level, and trouble', () => {
    const shots = [...hit('7i', around(150, 10)), ...hit('8i', around(149, 10))]
    const gap = only(analyseBag({ clubs: [seven, eight], shots }).gaps)
    expect(gap).toMatchObject({ verdict: 'same-distance', settled: true })
  })

  it('that is kept as is keeps its verdict and asks for no shots', () => {
    const shots = [...hit('7i', [150, 146, 152, 149]), ...hit('8i', [136, 131, 138, 135])]
    const input = { clubs: [seven, eight], shots }
    expect(analyseBag(input).next.length).toBeGreaterThan(0)
    const because = 'the hybrid comes in on long courses'
    const gaps = [{ longerId: seven.id, shorterId: eight.id, because }]
    const { gaps: left, next } = analyseBag({ ...input, rules: { leftOnPurpose: { gaps } } })
    expect(only(left)).toMatchObject({ ...only(analyseBag(input).gaps), leftOnPurpose: because })
    expect(next).toEqual([])
  })

  it('is unknown while one of its clubs has no shot', () => {
    const { gaps } = analyseBag({ clubs: [seven, eight, nine], shots: hit('7i', [150, 151]) })
    expect(gaps.map((gap) => gap.verdict)).toEqual(['not-judged', 'not-judged'])
    expect(gaps[0]).not.toHaveProperty('stepM')
  })

  it('leaves the putter apart', () => {
    const clubs = [seven, eight, club('p', 'putter', 3, 2)]
    expect(analyseBag({ clubs, shots: [] }).gaps).toHaveLength(1)
  })
})

describe('a stock', () => {
  const stockOf = (input: BagInput) => analyseBag(input).stocks[0]

  it('keeps a marked shot out and in sight', () => {
    const shots = hit('7i', [163.4, 159.2, 96.8, 161, 164.6])
    const fat = shots[2] as Shot
    fat.mark = 'fat'
    const stock = stockOf({ clubs: [seven], shots })
    expect(stock?.carryM).toBeCloseTo(yards(162.05), 9)
    expect(stock?.count).toBe(4)
    expect(stock?.leftOut).toMatchObject([{ shotId: fat.id, mark: 'fat', solidProbability: 0 }])
    expect(lengthIn(stock?.leftOut[0]?.facts.shortM ?? 0, 'yd')).toBeCloseTo(65.5, 0)
    expect(stock?.byStockRule['mean-all']).toBeCloseTo(yards(149), 9)
  })

  it('has an interval from the first shot on', () => {
    const stock = stockOf({ clubs: [seven], shots: hit('7i', [150]) })
    expect(stock?.carryM).toBe(yards(150))
    expect(stock?.highM).toBeGreaterThan(yards(155))
    expect(stock).not.toHaveProperty('sdM')
  })

  it('is absent, never zero, when no shot counts', () => {
    const stock = stockOf({ clubs: [seven], shots: hit('7i', [null, 999, 0, -5, NaN]) })
    expect(stock).toMatchObject({ count: 0 })
    expect(stock).not.toHaveProperty('carryM')
    expect(stock?.leftOut.map((shot) => shot.mark)).toEqual(Array(5).fill('misread'))
  })

  it('cannot count a misread, even one that was marked solid', () => {
    const shots = hit('7i', [999, 150]).map((shot) => ({ ...shot, mark: 'solid' as const }))
    expect(stockOf({ clubs: [seven], shots })?.count).toBe(1)
  })

  it('holds the chosen rule inside its interval', () => {
    const shots = hit('7i', [150, 150.2, 149.9, 150.1, 158])
    const stock = stockOf({ clubs: [seven], shots, rules: { stockRule: 'best-n-of-m' } })
    expect(stock?.carryM).toBeLessThanOrEqual(stock?.highM as number)
  })

  it('keeps swings apart', () => {
    const half = hit('7i', [100, 102]).map((shot) => ({ ...shot, swing: 'half' }))
    const { stocks } = analyseBag({ clubs: [seven], shots: [...hit('7i', [150, 152]), ...half] })
    expect(stocks.map((stock) => [stock.swing, stock.count])).toEqual([
      ['full', 2],
      ['half', 2],
    ])
  })
})

describe('the whole bag', () => {
  it('does not mind the order of its arrays, nor change them', () => {
    const shots = [
      ...hit('7i', [150, 152, 149, 151]),
      ...hit('8i', [139, 141, 138]),
      ...hit('9i', [126, 129]),
    ]
    const input: BagInput = { clubs: [seven, eight, nine], shots }
    const before = structuredClone(input)
    const shuffled = { clubs: [nine, seven, eight], shots: [...shots].reverse() }
    expect(analyseBag(shuffled)).toEqual(analyseBag(input))
    expect(input).toEqual(before)
  })

  it('says nothing of nothing', () => {
    const empty = analyseBag({ clubs: [], shots: [] })
    expect(empty).toMatchObject({ stocks: [], gaps: [], uncovered: [], next: [] })
    expect(empty).not.toHaveProperty('cover')
  })

  it('warns of shots with clubs that are not in the bag', () => {
    const shots = hit('stranger', [150])
    const { warnings, stocks } = analyseBag({ clubs: [seven], shots })
    expect(warnings).toEqual([{ kind: 'unknown-club', facts: { shotIds: [shots[0]?.id] } }])
    expect(stocks[0]?.count).toBe(0)
  })

  it('reports the uncovered distances of the goal zone apart', () => {
    const shots = [...hit('8i', [74.4]), ...hit('9i', [93.2])]
    const { goal } = analyseBag({
      clubs: [eight, nine],
      shots,
      rules: { goalZoneM: [yards(48), yards(114)] },
    })
    expect(goal?.uncovered.map((range) => range.map((m) => Math.round(m / yards(0.1)) / 10))).toEqual([
      [48, 69.4],
      [79.4, 88.2],
      [98.2, 114],
    ])
  })

  it('asks for the clubs that lack shots for a verdict, longest first', () => {
    const { next } = analyseBag({ clubs: [nine, seven, eight], shots: hit('8i', [1, 139, 140, 141, 138]) })
    expect(next.map(({ clubId, shots }) => [clubId, shots])).toEqual([
      ['7i', 3],
      ['9i', 3],
    ])
  })
})

describe('which shots count', () => {
  const judged = (shots: Shot[], comparison: Shot) => {
    const analysis = analyseBag({ clubs: SIX, shots })
    const stock = analysis.stocks.find(
      ({ clubId, swing }) => clubId === comparison.clubId && swing === 'full',
    )
    return { shot: analysis.shots.find(({ shotId }) => shotId === comparison.id), stock }
  }

  it('96.8 among 160s is suggested fat, and the mean of solid is 162.05, not 149.0', () => {
    const shots = hit('7-iron', [163.4, 159.2, 96.8, 161, 164.6])
    const { shot, stock } = judged(shots, shots[2]!)
    expect(shot?.mark).toBe('fat')
    expect(stock?.carryM).toBeCloseTo(yards(162.05), 9)
    expect(stock?.byStockRule['mean-all']).toBeCloseTo(yards(149), 9)
  })

  it.each([
    ['fat', { times: 0.75, speed: 0.8, launch: 1 }],
    ['thin', { times: 0.9, speed: 0.98, launch: 0.5 }],
    ['off-centre', { times: 0.89, speed: 0.92, launch: 1 }],
    ['misread', { times: 1, speed: 0.7, launch: 1 }],
  ] as const)('a shot that looks %s is left out as that', (mark, { times: carry, speed, launch }) => {
    const shots = goodBag(6)
    const bad = shots.findLast(({ clubId }) => clubId === '7-iron')!
    bad.carryM! *= carry
    bad.ballSpeedMps! *= speed
    bad.launchDeg! *= launch
    expect(judged(shots, bad).shot?.mark).toBe(mark)
  })

  it('a shot far off line is wild', () => {
    const shots = goodBag(6).map((shot, i) => ({ ...shot, offlineM: ((i % 5) - 2) * 2 }))
    const wild = shots.findLast(({ clubId }) => clubId === '7-iron')!
    wild.offlineM = 0.2 * wild.carryM!
    expect(judged(shots, wild).shot?.mark).toBe('wild')
  })

  it('a shot 5% short with normal speed stays in', () => {
    const speeds = [63.0, 62.1, 62.6, 62.4, 63.3]
    const shots = [163.4, 159.2, 153.9, 161, 164.6].flatMap((carry, i) =>
      hit('7-iron', [carry], { ballSpeedMps: speeds[i]! }),
    )
    expect(judged(shots, shots[2]!).shot).toMatchObject({ mark: 'solid' })
  })
})

describe('shots that are kept apart', () => {
  const carry = (shots: Shot[], rules = {}) =>
    analyseBag({ clubs: [seven], shots, rules }).stocks.find(({ swing }) => swing === 'full')!

  it('188.4 186.2 187.6 calm, then 181.3 179.5 into wind: 187.4 from calm ones, 184.6 if all', () => {
    const shots = [...hit('7i', [188.4, 186.2, 187.6]), ...hit('7i', [181.3, 179.5], { exclusion: 'wind' })]
    const calm = carry(shots)
    expect(calm.carryM! / yards(1)).toBeCloseTo(187.4, 9)
    expect(calm.count).toBe(3)
    expect(calm.conditions!.excluded).toHaveLength(2)
    expect(calm.conditions!.withAllM / yards(1)).toBeCloseTo(184.6, 9)
    const all = carry(shots, { windCounts: true })
    expect(all.carryM! / yards(1)).toBeCloseTo(184.6, 9)
    expect(all).toMatchObject({ count: 5, conditions: { excluded: [], counted: 2 } })
  })

  it('where all were hit in wind they are the stock, and it says so', () => {
    const stock = carry(hit('7i', [181.3, 179.5, 180.1], { exclusion: 'wind' }))
    expect(stock).toMatchObject({ count: 3, conditions: { excluded: [], counted: 3 } })
  })

  it('six warm-up shots, mean 118.7, never enter the stock of 126.3', () => {
    const warmUp = hit('7i', [112, 117, 119, 120.2, 121, 123], { exclusion: 'warm-up' })
    const stock = carry([...warmUp, ...hit('7i', [125.8, 126.3, 126.8])])
    expect(stock.carryM! / yards(1)).toBeCloseTo(126.3, 9)
    expect(stock.count + stock.leftOut.length).toBe(3)
    expect(stock.conditions).toBeUndefined()
    const { stocks } = analyseBag({
      clubs: [seven],
      shots: hit('7i', [80], { exclusion: 'warm-up', swing: 'half' }),
    })
    expect(stocks.map(({ swing }) => swing)).toEqual(['full'])
  })
})

it('shots carry the flag from where tiredness had cost over 1%, and the stock is that of the rested golfer', () => {
  const shots = times(
    12,
    SIX.map(({ id }, i) => [id, SIX_CARRIES_YD[i] as number] as const),
  ).flatMap(([id, carryYd], i) => {
    const lost = 1 - (0.04 * i) / 90
    return hit(id, [carryYd * lost ** 1.4], {
      ballSpeedMps: (22 + 0.26 * carryYd) * lost * (1 + 0.001 * (i % 3)),
    })
  })
  const { drift, shots: judged, warnings } = analyseBag({ clubs: SIX, shots })
  expect(drift.found).toBe(true)
  expect(warnings).toContainEqual(expect.objectContaining({ kind: 'tiring' }))
  const first = judged.findIndex(({ tired }) => tired)
  // 1% of a loss of 4% over 90 shots is lost after 22.5 shots.
  expect(Math.abs(first - 22.5)).toBeLessThan(2)
  expect(judged.slice(first).every(({ tired }) => tired)).toBe(true)
  const rested = analyseBag({ clubs: SIX, shots: shots.slice(0, 18) })
  expect(rested.shots.some(({ tired }) => tired)).toBe(false)
})
