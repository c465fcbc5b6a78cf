import { describe, expect, it } from 'vitest'
import { setUpDifference } from './set-up-differences'

describe('what two sides were hit with', () => {
  it('is the same, different, or unknown where it is not set of all', () => {
    expect(setUpDifference('ball', ['range', 'range'], ['range'])).toMatchObject({ is: 'same', a: ['range'] })
    expect(setUpDifference('ball', ['range'], ['own', 'range']).is).toBe('different')
    expect(setUpDifference('ball', ['range', ''], ['range']).is).toBe('unknown')
    expect(setUpDifference('ball', ['range', ''], ['own']).is).toBe('different')
    expect(setUpDifference('ball', [], []).is).toBe('unknown')
  })
})
