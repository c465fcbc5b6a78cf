import { describe, expect, it } from 'vitest'
import { around, goodBag, hit, SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import type { Shot } from '../shots/shot'
import { lengthIn, yards } from '../units'

const yd = (metres: number | undefined) => lengthIn(metres ?? NaN, 'yd')
const stocksOf = (shots: Shot[], clubs = SIX) => analyseBag({ clubs, shots }).stocks
const stockOf = (shots: Shot[], id: string, swing = 'full') =>
  stocksOf(shots).find((stock) => stock.clubId === id && stock.swing === swing)!

/** Rounds of three in which every shot after the first loses a little, in carry and speed. */
function tiring(lossPer90: number): Shot[] {
  const rounds = Array.from({ length: 5 }, () =>
    SIX.flatMap(({ id }, i) => around(SIX_CARRIES_YD[i]!, 3).map((carry) => ({ id, carry }))),
  ).flat()
  return rounds.flatMap(({ id, carry }, position) => {
    const lost = 1 - (lossPer90 * position) / 90
    return hit(id, [carry * lost ** 1.4], { ballSpeedMps: (22 + 0.26 * carry) * lost })
  })
}

describe('a tiring golfer', () => {
  it('has the stocks of the rested one, and the shown number says by how much', () => {
    const shots = tiring(0.05)
    const { drift, warnings } = analyseBag({ clubs: SIX, shots })
    expect(drift.found).toBe(true)
    expect(drift.per90).toBeCloseTo(-0.05, 1)
    expect(warnings.map(({ kind }) => kind)).toContain('tiring')
    const seven = stockOf(shots, '7-iron')
    expect(Math.abs(yd(seven.carryM) - 160.5)).toBeLessThan(1.5)
    expect(yd(seven.restedByM)).toBeGreaterThan(2)
    expect(seven.lowM! <= seven.carryM! && seven.carryM! <= seven.highM!).toBe(true)
  })

  it('that does not tire keeps the plain mean', () => {
    const seven = stockOf(tiring(0), '7-iron')
    expect(seven).not.toHaveProperty('restedByM')
    expect(seven.carryM).toBe(seven.byStockRule['mean-solid'])
  })
})

describe('several days', () => {
  const day = (session: number, times: number, ids: readonly string[]) =>
    SIX.flatMap(({ id }, i) =>
      ids.includes(id) ? hit(id, around(times * SIX_CARRIES_YD[i]!, 5), { session }) : [],
    )
  const all = SIX.map(({ id }) => id as string)

  it('are one stock, on the golfer’s usual day, whichever day came last', () => {
    const shots = [...day(0, 1.04, all), ...day(1, 1, all)]
    const { model, count } = stockOf(shots, '7-iron')
    expect(count).toBe(10)
    expect(Math.abs(yd(model!.carryM) - 163)).toBeLessThan(1.5)
    const turned = stockOf([...day(0, 1, all), ...day(1, 1.04, all)], '7-iron')
    expect(yd(turned.model!.carryM)).toBeCloseTo(yd(model!.carryM), 0)
  })

  it('make the golfer’s interval narrower; on one day it holds what a day does, and the estimate’s does not', () => {
    const widths = (shots: Shot[]) => {
      const { lowM, highM, model } = stockOf(shots, '7-iron')
      return { golfer: yd(highM! - lowM!) / 2, ofThese: yd(model!.highM - model!.lowM) / 2 }
    }
    const one = widths([...day(0, 1, all), ...day(0, 1, all)])
    const two = widths([...day(0, 1, all), ...day(1, 1, all)])
    expect(Math.hypot(one.ofThese, 1.645 * 0.015 * 160)).toBeCloseTo(one.golfer, 0)
    expect(two.golfer).toBeLessThan(0.85 * one.golfer)
  })

  it('widen a gap between clubs of different days, not one between clubs of the same', () => {
    const [top, rest] = [all.slice(0, 3), all.slice(3)]
    const width = (shots: Shot[]) => {
      const { lowM, highM } = analyseBag({ clubs: SIX, shots }).gaps[2]!
      return highM! - lowM!
    }
    const mixed = width([...day(0, 1, top), ...day(1, 1, rest)])
    const together = width([...day(0, 1, top), ...day(0, 1, rest)])
    expect(mixed).toBeGreaterThan(1.2 * together)
  })
})

describe('a partial swing', () => {
  it('has a stock of its own, done when it is sure enough', () => {
    const shots = [...goodBag(6), ...hit('wedge', around(85, 8), { swing: 'half' })]
    const half = stockOf(shots, 'wedge', 'half')
    expect(yd(half.carryM)).toBeCloseTo(85, 0)
    expect(half.done).toBe(true)
    expect(half.highM! - half.lowM!).toBeLessThan(2 * yards(3))
    expect(stockOf([...goodBag(6), ...hit('wedge', [85], { swing: 'half' })], 'wedge', 'half').done).toBe(
      false,
    )
  })

  it('is drawn to the golfer’s own share on other clubs', () => {
    const nine = hit('9-iron', around(0.6 * 136, 8), { swing: 'half' })
    const one = (more: Shot[]) =>
      yd(
        stockOf([...goodBag(6), ...hit('wedge', [80], { swing: 'half' }), ...more], 'wedge', 'half').model!
          .carryM,
      )
    expect(one(nine)).toBeLessThan(one([]))
  })
})

describe('what a bad one does', () => {
  it('is said beside the stock, from the shots that were left out as missed', () => {
    const fat = hit('7-iron', [128, 126], { ballSpeedMps: 52.5, launchDeg: 19.5 })
    const { missed, carryM } = stockOf([...goodBag(6), ...fat], '7-iron')
    expect(missed?.count).toBe(2)
    expect(yd(missed?.carryM)).toBeCloseTo(127, 6)
    expect(yd(carryM)).toBeCloseTo(160, 0)
  })
})

it('what the next good shot should carry is known before the first, from the other clubs', () => {
  const others = goodBag(6).filter(({ clubId }) => clubId !== '7-iron')
  const { foreseen, count } = stockOf(others, '7-iron')
  expect(count).toBe(0)
  expect(Math.abs(yd(foreseen?.carryM) - 160)).toBeLessThan(8)
  const two = [...hit('driver', [219.7, 220, 219.4]), ...hit('5-iron', [198.2, 198, 198.4])]
  expect(yd(stockOf(two, '7-wood').foreseen?.carryM)).toBeCloseTo(208.9, 0)
})
