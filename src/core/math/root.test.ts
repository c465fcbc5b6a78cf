import { expect, it } from 'vitest'
import { rootBetween } from './root'

it('finds roots that are known in closed form, either way up', () => {
  expect(rootBetween((x) => x * x - 2, [0, 2], 1e-14)).toBeCloseTo(Math.SQRT2, 13)
  expect(rootBetween((x) => 2 - x * x, [0, 2], 1e-14)).toBeCloseTo(Math.SQRT2, 13)
  expect(rootBetween(Math.cos, [0, 3], 1e-15)).toBeCloseTo(Math.PI / 2, 13)
  expect(rootBetween((x) => Math.exp(x) - 10, [-3, 20], 1e-9)).toBeCloseTo(Math.log(10), 9)
})

it('needs few calls where halving would need forty', () => {
  let calls = 0
  rootBetween((x) => (calls++, x ** 3 - x - 2), [1, 2], 1e-12)
  expect(calls).toBeLessThan(12)
})

it('an end that is the root is found', () => {
  expect(rootBetween((x) => x - 1, [0, 1], 1e-12)).toBe(1)
})
