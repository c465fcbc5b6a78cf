import { expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { coverOf, uncoveredBetween, touchingReaches } from './cover'

it('finds the uncovered distance between 74.4, 88.6 and 93.2 at a tolerance of 5', () => {
  const stocks = [93.2, 74.4, 88.6]
  const uncovered = uncoveredBetween(stocks, 5, [74.4, 93.2])
  expect(uncovered).toHaveLength(1)
  expect(uncovered[0]?.[0]).toBeCloseTo(79.4, 10)
  expect(uncovered[0]?.[1]).toBeCloseTo(83.6, 10)
  expect(coverOf(stocks, 5, [74.4, 93.2])).toBeCloseTo(1 - 4.2 / 18.8, 10)
})

it('sees the ends of a goal zone that no stock reaches', () => {
  expect(uncoveredBetween([60], 5, [48, 114])).toEqual([
    [48, 55],
    [65, 114],
  ])
  expect(uncoveredBetween([], 5, [48, 114])).toEqual([[48, 114]])
  expect(uncoveredBetween([20, 200], 5, [48, 114])).toEqual([[48, 114]])
})

it('agrees with a count at 0.1 over 200 bags made from seed 7', () => {
  let state = 7
  const random = () => (state = (state * 16807) % 2147483647) / 2147483647
  for (let bag = 0; bag < 200; bag++) {
    const stocks = Array.from({ length: 2 + Math.floor(random() * 14) }, () => 40 + random() * 200)
    const tolerance = 1 + random() * 8
    const zone: [number, number] = [Math.min(...stocks), Math.max(...stocks)]
    const points = Math.floor((zone[1] - zone[0]) * 10)
    let covered = 0
    for (let i = 0; i < points; i++) {
      const at = zone[0] + (i + 0.5) / 10
      if (stocks.some((stock) => Math.abs(stock - at) <= tolerance)) covered++
    }
    const edges = 2 * uncoveredBetween(stocks, tolerance, zone).length + 1
    const off = Math.abs(coverOf(stocks, tolerance, zone) - covered / points) * (zone[1] - zone[0])
    expect(off).toBeLessThan(0.1 * edges)
  }
})

it('reaches of ±3.1 about 74.4, 88.6 and 93.2 leave 77.5 to 85.5 free and share 90.1 to 91.7', () => {
  const { free, shared } = touchingReaches([74.4, 88.6, 93.2].map((at) => [at - 3.1, at + 3.1]))
  const tenths = (stretches: [number, number][]) =>
    stretches.map((ends) => ends.map((end) => Math.round(10 * end) / 10))
  expect(tenths(free)).toEqual([[77.5, 85.5]])
  expect(tenths(shared)).toEqual([[90.1, 91.7]])
})

it('free and shared stretches agree with a count at 0.1 over 200 bags made from seed 8', () => {
  const roll = dice(8)
  for (let i = 0; i < 200; i++) {
    const reaches = Array.from({ length: 2 + Math.floor(roll.between(0, 9)) }, (): [number, number] => {
      const low = Math.round(roll.between(300, 1100)) / 10
      return [low, low + Math.round(roll.between(10, 120)) / 10]
    })
    const [from, to] = [Math.min(...reaches.flat()), Math.max(...reaches.flat())]
    const { free, shared } = touchingReaches(reaches)
    for (let at = from + 0.05; at < to; at += 0.1) {
      const holding = reaches.filter(([low, high]) => at > low && at < high).length
      const isIn = (stretches: [number, number][]) => stretches.some(([low, high]) => at > low && at < high)
      expect(isIn(free)).toBe(holding === 0)
      expect(isIn(shared)).toBe(holding >= 2)
    }
  }
})
