import { describe, expect, it } from 'vitest'
import { bend, clubAt, EXAMPLE, paperBagOf, randomBag } from '../../../tests/paper-bags'
import { dice } from '../../../simulators/golfers/dice'
import { gapKey } from '../gaps/gap-clubs'
import { yards, YARD_M } from '../units'
import { priceOf } from './fixes'
import { carryByLength } from './length'
import type { PaperBag } from './paper-bag'
import { loftsBetween, withFixes } from './paper-fixes'
import { chanceEven, goodPaperGaps, gapsOf } from './paper-gaps'

const inYards = (bag: PaperBag) => gapsOf(bag).map(({ gapM }) => gapM / YARD_M)
const chances = (bag: PaperBag) => gapsOf(bag).map(({ good }) => good)

describe('fixes on paper', () => {
  it('the worked example: 2.60 gaps are even; one bend makes 2.77, two make 3.34', () => {
    const bag = paperBagOf(EXAMPLE)
    expect(inYards(bag)).toEqual([9, 8, 20.5, 9].map((gap) => expect.closeTo(gap, 5)))
    expect(goodPaperGaps(bag)).toBeCloseTo(2.6, 1)
    const one = withFixes(bag, [bend(36, 2)])
    expect(inYards(one)).toEqual([9, 12.7, 15.8, 9].map((gap) => expect.closeTo(gap, 5)))
    expect(goodPaperGaps(one)).toBeCloseTo(2.77, 1)
    const two = withFixes(bag, [bend(36, 2), bend(41, -1)])
    expect(inYards(two)).toEqual([9, 12.7, 13.45, 11.35].map((gap) => expect.closeTo(gap, 5)))
    expect(chances(two)).toEqual([0.92, 0.81, 0.64, 0.97].map((each) => expect.closeTo(each, 1)))
    expect(goodPaperGaps(two)).toBeCloseTo(3.34, 1)
    // "about 13.5 ± 2.6"
    expect((1.645 * gapsOf(two)[2]!.sdM) / YARD_M).toBeCloseTo(2.6, 1)
  })

  it('133.4, 149.6, 159.8 at 2.4 yd a degree: 1.5° weaker gives 146.0 and gaps of 12.6 and 13.8', () => {
    const k = { mPerDeg: yards(2.4), sdMPerDeg: yards(0.2) }
    const bag = paperBagOf(
      [
        { loft: 28, yd: 159.8 },
        { loft: 32, yd: 149.6 },
        { loft: 36, yd: 133.4 },
      ],
      { perDegree: k },
    )
    const bent = withFixes(bag, [bend(32, 1.5)])
    expect(bent.clubs[1]!.carryM! / YARD_M).toBeCloseTo(146, 5)
    expect(inYards(bent)).toEqual([13.8, 12.6].map((gap) => expect.closeTo(gap, 5)))
  })

  it('166.3, 171.9, 188.5: the middle one dropped leaves 22.2; a club at the middle loft makes 11.1 and 11.1', () => {
    const bag = paperBagOf([
      { loft: 18, yd: 188.5 },
      { loft: 23, yd: 171.9 },
      { loft: 26, yd: 166.3 },
    ])
    const dropped = withFixes(bag, [{ kind: 'drop', clubId: clubAt(23) }])
    expect(inYards(dropped)).toEqual([expect.closeTo(22.2, 5)])
    const [longer, shorter] = dropped.clubs
    const [loftDeg] = loftsBetween(longer!, shorter!, 1) as [number]
    expect(loftDeg).toBe(22)
    expect(inYards(withFixes(dropped, [{ kind: 'add', loftDeg }]))).toEqual(
      [11.1, 11.1].map((gap) => expect.closeTo(gap, 5)),
    )
  })

  it('a fix and its opposite give back the bag, and no fix touches the bag that it is given', () => {
    const roll = dice(3)
    for (let i = 0; i < 200; i++) {
      const bag = randomBag(roll)
      const before = JSON.stringify(bag)
      const { club } = bag.clubs[Math.floor(roll.between(0, bag.clubs.length))]!
      const degrees = roll.between(-2, 2)
      const back = withFixes(bag, [
        { kind: 'bend', clubId: club.id, degrees },
        { kind: 'bend', clubId: club.id, degrees: -degrees },
      ])
      gapsOf(back).forEach((gap, at) => {
        const was = gapsOf(bag)[at]!
        expect(gap.gapM).toBeCloseTo(was.gapM, 9)
        expect(gap.sdM).toBeCloseTo(was.sdM, 9)
        expect(gap.good).toBeCloseTo(was.good, 9)
      })
      withFixes(bag, [{ kind: 'drop', clubId: club.id }])
      expect(JSON.stringify(bag)).toBe(before)
    }
  })

  it('gripping down covers numbers and makes no gap', () => {
    const bag = paperBagOf(EXAMPLE)
    const gripped = withFixes(bag, [{ kind: 'grip', clubId: clubAt(36), cm: 3 }])
    expect(gripped.others[0]!.carryM / YARD_M).toBeCloseTo(131 * (1 - 0.048), 5)
    expect(goodPaperGaps(gripped)).toBe(goodPaperGaps(bag))
  })
})

it('the chance of a good gap is what lies between its limits', () => {
  expect(chanceEven(9, 1.4, { reversed: 0, tooClose: 7, tooWide: 14 })).toBeCloseTo(0.92, 2)
  expect(chanceEven(20.5, 1.4, { reversed: 0, tooClose: 7, tooWide: 14 })).toBeCloseTo(0, 3)
})

describe('what else changes a bag on paper', () => {
  const bag = paperBagOf(EXAMPLE, { rack: [{ loft: 38, yd: 121 }] })

  it('another loft of the model moves the stock by its degrees, and is only supposed: ± 4 yd', () => {
    const swapped = withFixes(bag, [{ kind: 'swap', clubId: clubAt(41), loftDeg: 39 }])
    const club = swapped.clubs.find(({ club: { id } }) => id === clubAt(41))!
    expect(club.carryM! / YARD_M).toBeCloseTo(110.5 + 2 * 2.35, 5)
    expect(gapsOf(swapped)[2]!.sdM / YARD_M).toBeCloseTo(Math.hypot(1.4, 4), 5)
  })

  it('a club of the rack comes in by its own shots, where its loft belongs', () => {
    const more = withFixes(bag, [{ kind: 'add', clubId: clubAt(38) }])
    expect(more.clubs.map(({ club }) => club.loftDeg)).toEqual([28, 32, 36, 38, 41, 46])
    expect(inYards(more)).toEqual([9, 8, 10, 10.5, 9].map((gap) => expect.closeTo(gap, 5)))
    expect(more.clubs[3]!.supposedSdM).toBe(0)
  })

  it('two clubs bent alike stay as far apart, as surely as before; bent apart they are less sure', () => {
    const [alike, different] = [
      [bend(36, 1), bend(41, 1)],
      [bend(36, 1), bend(41, -1)],
    ].map((fixes) => gapsOf(withFixes(bag, fixes))[2]!)
    expect(alike!.gapM / YARD_M).toBeCloseTo(20.5, 5)
    expect(alike!.sdM / YARD_M).toBeCloseTo(1.4, 5)
    expect(different!.sdM / YARD_M).toBeCloseTo(Math.hypot(1.4, 2 * 0.24), 5)
  })

  it('a gap that the golfer wants as it is counts as even until one of its clubs is touched', () => {
    const wanted = { ...bag, left: new Set([gapKey({ longerId: clubAt(36), shorterId: clubAt(41) })]) }
    expect(chances(wanted)[2]).toBe(1)
    expect(chances(withFixes(wanted, [bend(36, 0.5)]))[2]).toBeLessThan(0.1)
  })

  it('a club that was not hit makes no gap, and is bent without a number', () => {
    const unhit = paperBagOf([
      { loft: 32, yd: 139 },
      { loft: 36, yd: null },
      { loft: 41, yd: 110.5 },
    ])
    expect(gapsOf(unhit)).toEqual([])
    expect(withFixes(unhit, [bend(36, 1)]).clubs[1]!.carryM).toBeNull()
  })

  it('what is bought, bent and turned has its price; a club of the rack, a drop and a grip have none', () => {
    expect(priceOf([bend(36, 1.5), { kind: 'sleeve', clubId: clubAt(28), degrees: -1 }])).toBeCloseTo(0.25, 9)
    expect(
      priceOf([
        { kind: 'swap', clubId: clubAt(36), loftDeg: 38 },
        { kind: 'add', loftDeg: 51 },
      ]),
    ).toBeCloseTo(0.6, 9)
    expect(
      priceOf([
        { kind: 'add', clubId: clubAt(38) },
        { kind: 'drop', clubId: clubAt(36) },
        { kind: 'grip', clubId: clubAt(36), cm: 2 },
      ]),
    ).toBe(0)
  })
})

it('half an inch longer carries 1.3 yd more with an iron; a wood cut by an inch loses 2% (from memory of fitting practice)', () => {
  const inch = 0.0254
  expect(carryByLength('iron', yards(130), inch / 2)).toBeCloseTo(yards(1.3), 9)
  expect(carryByLength('wood', yards(180), -inch)).toBeCloseTo(yards(-3.6), 9)
  expect(carryByLength('putter', 0, inch)).toBe(0)
  const bag = paperBagOf([
    { loft: 32, yd: 140 },
    { loft: 36, yd: 130 },
  ])
  const longer = withFixes(bag, [{ kind: 'length', clubId: clubAt(36), longerM: inch / 2 }])
  const [before] = gapsOf(bag)
  const [after] = gapsOf(longer)
  expect(before!.gapM - after!.gapM).toBeCloseTo(yards(1.3), 9)
  expect(after!.sdM).toBeGreaterThan(before!.sdM)
})
