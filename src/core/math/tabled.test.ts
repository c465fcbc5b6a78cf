import { expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { blurredEven } from './normal'
import { tabled } from './tabled'

it('says what the function says, inside its range and outside', () => {
  const of = (x: number) => blurredEven(x, -0.3, -0.035, 0.012)
  const quick = tabled(of, [-0.5, 0.3], 0.001)
  const roll = dice(5)
  for (let i = 0; i < 2000; i++) {
    const x = roll.between(-0.8, 0.6)
    expect(Math.abs(quick(x) - of(x))).toBeLessThan(0.004)
  }
  for (const x of [-0.5, 0.3, -2, 2]) expect(quick(x)).toBeCloseTo(of(x), 6)
  expect(quick(NaN)).toBeNaN()
})
