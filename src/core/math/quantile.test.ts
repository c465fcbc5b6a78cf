import * as reference from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { median, quantile } from './quantile'

// Henderson & Velleman 1981, miles per gallon of 32 cars.
const MPG = [
  21, 21, 22.8, 21.4, 18.7, 18.1, 14.3, 24.4, 22.8, 19.2, 17.8, 16.4, 17.3, 15.2, 10.4, 10.4, 14.7, 32.4,
  30.4, 33.9, 21.5, 15.5, 15.2, 13.3, 19.2, 27.3, 26, 30.4, 15.8, 19.7, 15, 21.4,
]

describe('definition 7 of Hyndman & Fan 1996', () => {
  // Definition 6 would give 15.275 and 22.8, definition 5 15.35: only 7 gives 15.425.
  it.each([
    [0.25, 15.425],
    [0.5, 19.2],
    [0.75, 22.8],
  ])('the %d quantile of the cars is %d', (p, printed) => {
    expect(quantile(MPG, p)).toBeCloseTo(printed, 10)
  })

  it('has the median of a general-purpose package', () => {
    expect(quantile(MPG, 0.5)).toBe(reference.median(MPG))
    expect(median(MPG)).toBe(19.2)
  })

  it('refuses what has no quantile', () => {
    expect(() => quantile([], 0.5)).toThrow('at least one number')
    expect(() => quantile([1], 1.1)).toThrow('got 1.1')
  })
})
