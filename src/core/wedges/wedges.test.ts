import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { around, club, hit } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { coverOf, uncoveredBetween } from '../gaps/cover'
import type { Shot } from '../shots/shot'
import type { Stock } from '../stock/stock'
import { yards } from '../units'
import { forNumber, NEAR_M } from './for-number'
import { carryAtLoft, ladder } from './ladder'
import { pairsOf } from './pairs'
import { shotSpread } from './shot-spread'
import { stationFlight } from './station-flight'
import { wedges } from './wedges'
import { wedgeTable } from './wedge-table'

const WEDGES = [club('p', 'wedge', 46, 0), club('g', 'wedge', 50, 1), club('s', 'wedge', 56, 2)]
const SWINGS = ['full', 'three-quarter', 'half']
const stock = (clubId: string, swing: string, carryYd: number, halfYd = 1): Stock =>
  ({
    clubId,
    swing,
    carryM: yards(carryYd),
    lowM: yards(carryYd - halfYd),
    highM: yards(carryYd + halfYd),
    count: 8,
    averages: {},
    leftOut: [],
    done: false,
    byStockRule: {},
  }) as unknown as Stock
const yd = (metres: number | undefined) => (metres ?? NaN) / yards(1)

describe('the wedge table', () => {
  const table = wedgeTable(WEDGES, SWINGS, [
    stock('p', 'full', 103.5),
    stock('p', 'three-quarter', 93.4),
    stock('p', 'half', 74.2),
    stock('g', 'full', 117.3),
  ])

  it('shares of the full swing: 103.5, 93.4, 74.2 are 90.2% and 71.7%', () => {
    expect(table[0]?.map(({ share }) => Math.round(1000 * share!) / 10)).toEqual([100, 90.2, 71.7])
  })

  it('another wedge at 117.3 is estimated at about 105.8 and 83.9 until measured, and looks it', () => {
    const [, threeQuarter, half] = table[1]!
    expect(Math.abs(yd(threeQuarter?.estimate?.carryM) - 105.8)).toBeLessThan(0.3)
    expect(Math.abs(yd(half?.estimate?.carryM) - 83.9)).toBeLessThan(0.3)
    expect(threeQuarter).not.toHaveProperty('stock')
    expect(threeQuarter?.estimate).toMatchObject({ from: 'own' })
    expect(yd(threeQuarter!.estimate!.highM) - yd(threeQuarter!.estimate!.lowM)).toBeGreaterThan(6)
  })

  it('without a full swing there is no estimate, and with no other wedge it is what is usual', () => {
    expect(table[2]?.every((cell) => !cell.stock && !cell.estimate)).toBe(true)
    const [[, alone]] = wedgeTable(WEDGES.slice(0, 1), SWINGS, [stock('p', 'full', 100)]) as [
      (typeof table)[0] & object,
    ]
    expect(alone?.estimate).toMatchObject({ from: 'usual' })
    expect(yd(alone?.estimate?.carryM)).toBeCloseTo(90, 6)
  })
})

describe('pairs at one number', () => {
  it('88.7 and 90.2 are a pair 1.5 apart; 70.4 and 78.9 are none', () => {
    const pairs = pairsOf([88.7, 70.4, 90.2, 78.9].map((carry) => ({ carryM: yards(carry) })))
    expect(pairs).toHaveLength(1)
    expect(yd(pairs[0]?.differenceM)).toBeCloseTo(1.5, 9)
  })

  it('are the same whichever shot comes first, over 200 random bags (seed 7)', () => {
    const roll = dice(7)
    for (let i = 0; i < 200; i++) {
      const shots = Array.from({ length: 12 }, () => ({ carryM: yards(roll.between(30, 120)) }))
      const as = (list: typeof shots) =>
        pairsOf(list).map(({ shorter, longer }) => [shorter.carryM, longer.carryM])
      expect(as(shots.toReversed())).toEqual(as(shots))
    }
  })
})

it('101.0 and 103.0 are a pair: at most 2 apart', () => {
  const at = (carryYd: number) => ({ carryM: yards(carryYd) })
  expect(pairsOf([at(101), at(103)])).toHaveLength(1)
  expect(pairsOf([at(101), at(103.1)])).toHaveLength(0)
})

describe('uncovered distances and cover', () => {
  it('74.4, 88.6, 93.2 leave 79.4 to 83.6 open at a tolerance of 5', () => {
    const uncovered = uncoveredBetween([74.4, 88.6, 93.2].map(yards), yards(5), [yards(74.4), yards(93.2)])
    expect(
      uncovered.map(([from, to]) => [yd(from), yd(to)].map((each) => Math.round(10 * each) / 10)),
    ).toEqual([[79.4, 83.6]])
  })

  it('agree with a count at every tenth of a yard over 300 random bags (seed 21)', () => {
    const roll = dice(21)
    for (let i = 0; i < 300; i++) {
      const stocks = Array.from({ length: 1 + Math.floor(roll.between(0, 14)) }, () => roll.between(30, 120))
      const tolerance = roll.between(2, 7)
      const [from, to] = [Math.round(roll.between(30, 60)), Math.round(roll.between(80, 120))]
      const tenths = Array.from({ length: (to - from) * 10 }, (_, k) => from + 0.05 + k / 10)
      const open = tenths.filter((at) => stocks.every((stock) => Math.abs(stock - at) > tolerance))
      const uncovered = uncoveredBetween(stocks, tolerance, [from, to])
      const inUncovered = tenths.filter((at) => uncovered.some(([a, b]) => at > a && at < b))
      // To a tenth an edge: two edges an uncovered distance.
      expect(Math.abs(inUncovered.length - open.length)).toBeLessThanOrEqual(2 * uncovered.length)
      expect(Math.abs(1 - coverOf(stocks, tolerance, [from, to]) - open.length / tenths.length)).toBeLessThan(
        (0.1 * (2 * uncovered.length + 1)) / (to - from),
      )
    }
  })
})

describe('what to hit for a number', () => {
  const shot = (clubId: string, swing: string, finishYd: number, sdYd = 2.5) => ({
    clubId: clubId as Stock['clubId'],
    swing,
    carryM: yards(finishYd),
    finishM: yards(finishYd),
    sdM: yards(sdYd),
    unsureM: yards(0.8),
    runUnsureM: 0,
  })
  const bag = [
    shot('p', 'full', 103),
    shot('p', 'half', 74),
    shot('g', 'three-quarter', 75, 5),
    shot('s', 'full', 85),
  ]
  const table = wedgeTable(WEDGES, SWINGS, [
    stock('p', 'full', 103),
    stock('s', 'full', 85),
    stock('s', 'half', 60),
  ])

  it('is the surest shot first, each with its chance to finish within 5 yd', () => {
    const { choices, nearest } = forNumber(yards(74), bag, 1, { clubs: WEDGES, table, by: 'finish' })
    expect(choices.map(({ clubId, swing }) => `${clubId} ${swing}`)).toEqual(['p half', 'g three-quarter'])
    // ± 5 yd around its mean at 2.62 yd: 94.3% by any table of the normal distribution.
    expect(choices[0]!.chance).toBeCloseTo(0.943, 2)
    expect(nearest).toBeUndefined()
  })

  it('missed shots count against it', () => {
    const { choices } = forNumber(yards(74), bag, 0.8, { clubs: WEDGES, table, by: 'finish' })
    expect(choices[0]!.chance).toBeCloseTo(0.8 * 0.943, 2)
  })

  it('none close: the nearest below and above, and what would fill it, with its price', () => {
    const { nearest } = forNumber(yards(94), bag, 1, { clubs: WEDGES, table, by: 'finish' })
    expect(nearest?.below).toMatchObject({ clubId: 's', swing: 'full' })
    expect(nearest?.above).toMatchObject({ clubId: 'p', swing: 'full' })
    const kinds = nearest!.fills.map(({ kind }) => kind)
    expect(kinds).toContain('swing')
    expect(kinds).toContain('loft')
    const loft = nearest!.fills.find((fill) => fill.kind === 'loft')
    expect(loft?.kind === 'loft' && loft.loftDeg).toBeCloseTo(51, 6)
    for (const { shots } of nearest!.fills) expect(shots).toBeGreaterThanOrEqual(3)
    expect(NEAR_M).toBe(yards(5))
  })

  it('to carry and to finish are two questions: a run moves only the second, and what is not known of it widens only that', () => {
    const low = { ...shot('p', 'half', 74), finishM: yards(80), runUnsureM: yards(3) }
    const high = shot('s', 'full', 80)
    const ask = (leftYd: number, by: 'carry' | 'finish') =>
      forNumber(yards(leftYd), [low, high], 1, { clubs: WEDGES, table, by }).choices
    expect(ask(74, 'carry')[0]).toMatchObject({ clubId: 'p' })
    expect(ask(74, 'carry')[0]!.chance).toBeCloseTo(0.943, 2)
    expect(ask(80, 'finish').map(({ clubId }) => clubId)).toEqual(['s', 'p'])
    // ± 5 yd at a deviation of √(2.5² + 0.8² + 3²) = 3.99 yd.
    expect(ask(80, 'finish')[1]!.chance).toBeCloseTo(0.79, 2)
  })

  it('a number beyond every shot has no nearest above', () => {
    const { nearest, choices } = forNumber(yards(130), bag, 1, { clubs: WEDGES, table, by: 'finish' })
    expect(nearest?.above).toBeUndefined()
    expect(choices).toEqual([])
  })
})

describe('spread', () => {
  it('offline −6 +4 +9 −2 +5: 2.0 right, sd 5.96', () => {
    const shots = [-6, 4, 9, -2, 5].map((offline, i) => ({ carryM: yards(90 + i), offlineM: yards(offline) }))
    const { across, along, count } = shotSpread(shots)!
    expect(count).toBe(5)
    expect(yd(across.meanM)).toBeCloseTo(2.0, 9)
    expect(yd(across.sdM)).toBeCloseTo(5.96, 2)
    expect(yd(along.meanM)).toBeCloseTo(92, 9)
    expect(shotSpread(shots.slice(0, 1))).toBeNull()
  })
})

describe('the flight of a station', () => {
  const measured = hit('p', around(104), { ballSpeedMps: 41.5, launchDeg: 26, spinRpm: 8200 })
  const short = hit('p', around(93), { swing: 'three-quarter' })
  const stocks = analyseBag({ clubs: WEDGES, shots: [...measured, ...short] }).stocks
  const of = (swing: string) => stocks.find((each) => each.clubId === 'p' && each.swing === swing)!

  it('lands at the stock’s carry, and is marked as modelled where it was not measured', () => {
    const full = stationFlight(of('full'), of('full'), WEDGES[0]!, 'normal')!
    expect(full.path.at(-1)?.alongM).toBeCloseTo(of('full').carryM!, 9)
    expect(full.modelled).toEqual({ launch: false, peak: true, landing: true })
    expect(full.runFrom).toBe('modelled')
    const threeQuarter = stationFlight(of('three-quarter'), of('full'), WEDGES[0]!, 'normal')!
    expect(threeQuarter.modelled.launch).toBe(true)
    expect(threeQuarter.path.at(-1)?.alongM).toBeCloseTo(of('three-quarter').carryM!, 6)
    expect(threeQuarter.peakM).toBeLessThan(full.peakM)
  })

  it('draws a measured peak as measured', () => {
    const high = measured.map((shot): Shot => ({ ...shot, peakM: yards(33) }))
    const [own] = analyseBag({ clubs: WEDGES, shots: high }).stocks
    const flight = stationFlight(own!, own, WEDGES[0]!, 'normal')!
    expect(yd(flight.peakM)).toBeCloseTo(33, 9)
    expect(yd(Math.max(...flight.path.map(({ upM }) => upM)))).toBeGreaterThan(32)
    expect(flight.modelled.peak).toBe(false)
  })

  it('a measured run may be negative: 96.4 carried, 94.9 in all', () => {
    const back = hit('p', around(96.4), { ballSpeedMps: 41.5, launchDeg: 28, spinRpm: 9000 }).map(
      (shot): Shot => ({ ...shot, totalM: shot.carryM! - yards(1.5) }),
    )
    const [own] = analyseBag({ clubs: WEDGES, shots: back }).stocks
    const flight = stationFlight(own!, own, WEDGES[0]!, 'normal')!
    expect(yd(flight.runM)).toBeCloseTo(-1.5, 6)
  })
})

it('where no swing usually lands: between the typical ranges, stretches of three yards on', () => {
  const shots = [
    ...hit('p', [99, 101, 103].map(yards)),
    ...hit('g', [88, 90, 92].map(yards)),
    ...hit('s', [59, 60, 61].map(yards)),
  ]
  const analysis = analyseBag({ clubs: WEDGES, shots })
  const { stocks } = analysis
  const found = wedges(WEDGES, SWINGS, analysis, { goalZoneM: null, turf: 'normal' })
  const range = (id: string) => stocks.find(({ clubId, swing }) => clubId === id && swing === 'full')!.reachM!
  const [[from, to]] = found.reaches.free as [[number, number]]
  expect(from).toBeCloseTo(range('s')[1], 9)
  expect(to).toBeCloseTo(range('g')[0], 9)
  for (const [low, high] of found.reaches.free) expect(yd(high - low)).toBeGreaterThanOrEqual(3)
})

it('estimates are never counted in cover, and a goal zone sets what counts', () => {
  const shots = [
    ...hit('p', around(103.5, 6)),
    ...hit('p', around(93.4, 6), { swing: 'three-quarter' }),
    ...hit('g', around(117.3, 6)),
  ]
  const goalZoneM: [number, number] = [yards(80), yards(120)]
  const analysis = analyseBag({ clubs: WEDGES, shots, rules: { goalZoneM } })
  const found = wedges(WEDGES, SWINGS, analysis, { goalZoneM, turf: 'normal' })
  // The page of the wedges and that of the gaps say one share of one zone.
  expect(found.cover).toBe(analysis.goal!.cover)
  expect(found.shots).toHaveLength(3)
  expect(found.table[1]?.[1]?.estimate).toBeDefined()
  const uncovered = found.uncovered.map(([from, to]) => [Math.round(yd(from)), Math.round(yd(to))])
  expect(uncovered).toContainEqual([80, 88])
  expect(uncovered).toContainEqual([109, 112])
  expect(found.goodShare).toBeGreaterThan(0.8)
})

describe('the ladder', () => {
  const ladderOf = (lofts: [number, number][]) =>
    ladder(
      lofts.map(([loftDeg], i) => club(`w${i}`, 'wedge', loftDeg, i)),
      lofts.map(([, carryYd], i) => stock(`w${i}`, 'full', carryYd)),
    )

  it('44.5° 121.5 and 55.5° 92.9 are 28.6 apart; the same model at 50.5° carries 105.9', () => {
    const [rung] = ladderOf([
      [44.5, 121.5],
      [55.5, 92.9],
    ])
    expect(yd(rung!.differenceM)).toBeCloseTo(28.6, 9)
    const at = carryAtLoft(
      50.5,
      { loftDeg: 44.5, carryM: yards(121.5) },
      { loftDeg: 55.5, carryM: yards(92.9) },
    )
    expect(yd(at)).toBeCloseTo(105.9, 1)
    expect(rung!.between).toMatchObject({ loftDeg: 50 })
  })

  it('a usual rung proposes nothing, one without lofts says only how far apart', () => {
    const [usual] = ladderOf([
      [46, 103],
      [50, 90],
    ])
    expect(usual).not.toHaveProperty('between')
    const [unknown] = ladder(
      [club('a', 'wedge', null, 0), club('b', 'wedge', 50, 1)],
      [stock('a', 'full', 103), stock('b', 'full', 70)],
    )
    expect(unknown).toEqual({ longerId: 'a', shorterId: 'b', differenceM: expect.closeTo(yards(33), 9) })
  })
})
