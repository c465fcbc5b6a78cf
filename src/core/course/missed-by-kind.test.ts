import { expect, it } from 'vitest'
import { club } from '../../../tests/shots'
import type { Stock } from '../stock/stock'
import { missedByKind } from './missed-by-kind'

const BAG = [
  club('d', 'driver', 10, 0),
  club('w', 'wood', 15, 1),
  club('7', 'iron', 32, 2),
  club('p', 'wedge', 46, 3),
]
const stock = (clubId: string, count: number, fat: number) =>
  ({
    clubId,
    count,
    leftOut: [
      ...Array.from({ length: fat }, () => ({ mark: 'fat' })),
      // What a monitor misread, or another club hit, is no miss.
      { mark: 'misread' },
      { mark: 'other-club' },
    ],
  }) as unknown as Stock

it('without shots a driver is missed more often than a wedge, and with shots as often as they say', () => {
  const usual = missedByKind(BAG, [], 0.15)
  expect(BAG.map(usual).map((each) => Number(each.toFixed(3)))).toEqual([0.172, 0.165, 0.15, 0.135])
  const own = missedByKind(BAG, [stock('d', 40, 20), stock('7', 60, 0)], 0.15)
  // (20 · 0.1725 + 20) / (20 + 60) and (20 · 0.15 + 0) / (20 + 60).
  expect(own(BAG[0]!)).toBeCloseTo(0.293, 3)
  expect(own(BAG[2]!)).toBeCloseTo(0.0375, 4)
})
