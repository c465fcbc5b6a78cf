import { describe, expect, it } from 'vitest'
import { changeBetween } from '../bag/club-set-up'
import { Z90 } from '../math/z90'
import { yards } from '../units'
import { cameOf, expectedAfter, type Before } from './after-change'

const perDegree = { mPerDeg: yards(2.4), sdMPerDeg: yards(0.24) }
const NINE: Before = { kind: 'iron', carryM: yards(108.9), varianceM2: yards(0.75) ** 2, perDegree }

const BEFORE = { carryM: NINE.carryM, sdM: Math.sqrt(NINE.varianceM2) }

describe('what a changed club should carry', () => {
  it('of a 9-iron bent 1° strong is 111.3 ± 3, and 112.0 after 9 shots is as expected (worked example of CALC-REFIT)', () => {
    const expected = expectedAfter(NINE, { degrees: -1 })
    expect(expected.carryM).toBeCloseTo(yards(111.3), 6)
    expect((Z90 * expected.sdM) / yards(1)).toBeCloseTo(3, 0)
    const came = cameOf(expected, { carryM: yards(112), sdM: yards(3.9) / 3 }, BEFORE)
    expect(came.is).toBe('as-expected')
    expect(came.differenceM).toBeCloseTo(yards(0.7), 6)
  })

  it('is less sure by the degrees that it was turned, and by what nobody knows of a shaft', () => {
    const sd = (change: Parameters<typeof expectedAfter>[1]) => expectedAfter(NINE, change).sdM
    expect(sd({ degrees: 2 })).toBeGreaterThan(sd({ degrees: 1 }))
    expect(sd({ degrees: -2 })).toBe(sd({ degrees: 2 }))
    expect(sd({ shaft: true })).toBeGreaterThan(sd({}))
    expect(expectedAfter(NINE, { shaft: true }).carryM).toBe(NINE.carryM)
  })

  it('of an iron half an inch longer is 1.3 yd more (from memory of fitting practice)', () => {
    expect(expectedAfter(NINE, { longerM: 0.0127 }).carryM - NINE.carryM).toBeCloseTo(yards(1.3), 6)
  })

  it('there and back is what it was', () => {
    const there = expectedAfter(NINE, { degrees: 1.5 })
    const back = expectedAfter({ ...NINE, carryM: there.carryM }, { degrees: -1.5 })
    expect(back.carryM).toBeCloseTo(NINE.carryM, 9)
  })
})

it('further or shorter is said beyond the interval, as expected only where no change is three times less likely', () => {
  const expected = expectedAfter(NINE, { degrees: -1 })
  const after = (yd: number, count: number, before: typeof BEFORE | null = BEFORE) =>
    cameOf(expected, { carryM: yards(yd), sdM: yards(4) / Math.sqrt(count) }, before).is
  expect(after(120, 9)).toBe('further')
  expect(after(103, 9)).toBe('shorter')
  expect(after(113, 9)).toBe('as-expected')
  // 109.5 lies inside the interval of what is expected, and nearer to what it carried before.
  expect(after(109.5, 9)).toBe('fits-both')
  expect(after(109.5, 9, null)).toBe('as-expected')
})

it('what changed between two set-ups is its loft, length, lie or shaft; a loft that was said for the first time is no change', () => {
  const plain = { loftDeg: 41, build: {} }
  expect(changeBetween(plain, plain)).toBeNull()
  expect(changeBetween({ ...plain, loftDeg: null }, plain)).toBeNull()
  expect(changeBetween(plain, { loftDeg: 40, build: { head: 'forged', liking: 5 } })).toEqual({ degrees: -1 })
  for (const build of [{ shaft: 'graphite' }, { shaftG: 75 }, { flex: 'soft' }])
    expect(changeBetween(plain, { loftDeg: 41, build })).toEqual({ shaft: true })
  expect(changeBetween(plain, { loftDeg: 41, build: { sleeveAt: 'up one' } })).toEqual({ setting: true })
  expect(
    changeBetween(
      { loftDeg: 41, build: { lengthM: 0.9, lieDeg: 62 } },
      { loftDeg: 41, build: { lengthM: 0.91, lieDeg: 63 } },
    ),
  ).toEqual({ longerM: expect.closeTo(0.01, 9), lie: true })
})
