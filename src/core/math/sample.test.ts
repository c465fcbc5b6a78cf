import { describe, expect, it } from 'vitest'
import { MICHELSON_KM_PER_S } from '../../../tests/published/michelson'
import { sample } from './sample'

describe('NIST StRD, univariate: certified means and standard deviations', () => {
  it('Michelso', () => {
    const { mean, sd } = sample(MICHELSON_KM_PER_S)
    expect(mean).toBeCloseTo(299.8524, 12)
    expect(sd).toBeCloseTo(0.0790105478190518, 12)
  })

  it('NumAcc1', () => {
    expect(sample([10000001, 10000003, 10000002])).toEqual({ count: 3, mean: 10000002, sd: 1 })
  })

  // One value, then 500 pairs around it. The data's own rounding limits what can be reached:
  // at 1e7 a double holds 0.1 to 9 digits.
  it.each([
    ['NumAcc2', 1.2, 12],
    ['NumAcc3', 1000000.2, 9],
    ['NumAcc4', 10000000.2, 8],
  ])('%s', (_, middle, digits) => {
    const pairs = Array.from({ length: 500 }, () => [middle - 0.1, middle + 0.1]).flat()
    const { mean, sd } = sample([middle, ...pairs])
    expect(mean).toBeCloseTo(middle, digits)
    expect(sd).toBeCloseTo(0.1, digits)
  })
})

it('of one number scatters by nothing', () => {
  expect(sample([163.4])).toEqual({ count: 1, mean: 163.4, sd: 0 })
})

it('refuses an empty list by name', () => {
  expect(() => sample([])).toThrow('at least one number')
})
