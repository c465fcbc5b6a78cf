import { expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { sample } from '../../src/core/math/sample'
import { ratioOf, rootOf } from './ratio'

const ratio = (each: readonly { wrong: number; settled: number }[]) =>
  ratioOf(
    each,
    ({ wrong }) => wrong,
    ({ settled }) => settled,
  )

it('of golfers with one gap each has the standard error of a share: closed form', () => {
  const each = Array.from({ length: 400 }, (_, i) => ({ wrong: i % 5 === 0 ? 1 : 0, settled: 1 }))
  const { value, se } = ratio(each)
  expect(value).toBe(0.2)
  expect(se).toBeCloseTo(Math.sqrt((0.2 * 0.8) / 400), 9)
})

it('is as uncertain as it scatters from one lot of golfers to the next, where gaps of one golfer go wrong together', () => {
  const roll = dice(77)
  const lot = () =>
    Array.from({ length: 150 }, () => {
      const settled = Math.round(roll.between(0, 12))
      return { settled, wrong: roll.chance(0.1) ? Math.round(settled / 2) : 0 }
    })
  const lots = Array.from({ length: 300 }, () => ratio(lot()))
  const scattered = sample(lots.map(({ value }) => value)).sd as number
  const standardError = lots.reduce((sum, { se }) => sum + se, 0) / lots.length
  expect(standardError / scattered).toBeGreaterThan(0.85)
  expect(standardError / scattered).toBeLessThan(1.15)
})

it('of nothing is nothing, and a root is as uncertain as its square says', () => {
  expect(ratio([])).toEqual({ value: 0, se: 0 })
  expect(rootOf({ value: 9, se: 0.6 }).value).toBe(3)
  expect(rootOf({ value: 9, se: 0.6 }).se).toBeCloseTo(0.1, 9)
  expect(rootOf({ value: 0, se: 0 })).toEqual({ value: 0, se: 0 })
})
