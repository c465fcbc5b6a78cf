import { describe, expect, it } from 'vitest'
import { yards } from '../units'
import { typedSlip } from './typed-slip'

const next = (carry: number, sd: number) => ({ carryM: yards(carry), sdM: yards(sd) })

describe('a slip of the fingers', () => {
  it('between neighbours at 198.2 and 219.7, 290.8 was 209.8', () => {
    expect(typedSlip(290.8, 'yd', next(208.95, 10))).toEqual({ kind: 'swapped', proposal: 209.8 })
  })

  it.each([
    [1502, 'yd', 150, 'factor-ten', 150.2],
    [15, 'yd', 152, 'factor-ten', 150],
    [52, 'yd', 152, 'missing-digit', 152],
    [137, 'yd', 150, 'other-unit', 149.8],
    [190, 'yd', 160, 'wrong-digit', 160],
    [62, 'yd', 162, 'missing-digit', 162],
  ] as const)('%d %s at a station of %d: %s', (typed, unit, carry, kind, proposal) => {
    expect(typedSlip(typed, unit, next(carry, 3.5))).toEqual({ kind, proposal })
  })

  it('is not seen where another club carries that', () => {
    expect(typedSlip(246, 'yd', next(204, 8))?.kind).toBe('wrong-digit')
    expect(typedSlip(246, 'yd', next(204, 8), [next(245, 6)])).toBeNull()
  })

  it.each([
    ['an ordinary carry', 158, 160],
    ['a fat shot that no slip explains', 96.8, 162],
    ['a fat shot, though a wrong digit would explain it', 118, 162],
  ])('is not seen in %s', (_, typed, carry) => {
    expect(typedSlip(typed, 'yd', next(carry, 5))).toBeNull()
  })
})
