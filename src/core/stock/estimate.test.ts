import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { describe, expect, it } from 'vitest'
import { difference, interval, probabilityBelow } from './estimate'
import { sample } from './sample'

const of = (values: number[]) => {
  const { count, mean, sd } = sample(values)
  return { mean, se: sd / Math.sqrt(count), df: count - 1 }
}

describe('Student t, printed to three decimals in any table', () => {
  it.each([
    [0.975, 4, 2.776],
    [0.975, 9, 2.262],
    [0.975, 30, 2.042],
    [0.95, 4, 2.132],
    [0.95, 9, 1.833],
  ])('quantile %d with %d degrees of freedom is %d', (p, df, printed) => {
    expect(tQuantile(p, df)).toBeCloseTo(printed, 3)
  })

  it('the interval of five shots is the mean ± 2.132 standard errors', () => {
    const [low, high] = interval(of([171.2, 174.8, 176, 169.4, 173.6]))
    const half = (2.132 * 2.68) / Math.sqrt(5)
    expect(low).toBeCloseTo(173 - half, 1)
    expect(high).toBeCloseTo(173 + half, 1)
  })
})

describe('the difference of two means', () => {
  // NIST/SEMATECH e-Handbook of Statistical Methods, 1.3.5.3, data set AUTO83B.
  const a = { mean: 20.14458, se: 6.4147 / Math.sqrt(249), df: 248 }
  const b = { mean: 30.48101, se: 6.10771 / Math.sqrt(79), df: 78 }

  it('has the printed Welch t and degrees of freedom', () => {
    const { mean, se, df } = difference(a, b)
    expect(mean / se).toBeCloseTo(-12.94627, 4)
    expect(df).toBeCloseTo(136.875, 2)
  })

  it('turns its sign with the order', () => {
    expect(difference(b, a).mean).toBe(-difference(a, b).mean)
    expect(difference(b, a).se).toBe(difference(a, b).se)
  })
})

describe('the probability of lying below a limit', () => {
  it('is a half at the mean, and matches the interval', () => {
    const estimate = of([150, 152, 149, 151, 155])
    expect(probabilityBelow(estimate, estimate.mean)).toBeCloseTo(0.5, 12)
    const [low, high] = interval(estimate)
    expect(probabilityBelow(estimate, low)).toBeCloseTo(0.05, 6)
    expect(probabilityBelow(estimate, high)).toBeCloseTo(0.95, 6)
  })

  it('is certain without any spread', () => {
    const exact = { mean: 10, se: 0, df: 5 }
    expect(probabilityBelow(exact, 10.1)).toBe(1)
    expect(probabilityBelow(exact, 10)).toBe(0)
    expect(probabilityBelow(exact, -Infinity)).toBe(0)
  })
})
