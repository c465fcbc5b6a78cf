import { describe, expect, it } from 'vitest'
import { besides } from './besides'

describe('what two sides were hit with', () => {
  it('is the same, different, or unknown where it is not set of all', () => {
    expect(besides('ball', ['range', 'range'], ['range'])).toMatchObject({ is: 'same', a: ['range'] })
    expect(besides('ball', ['range'], ['own', 'range']).is).toBe('different')
    expect(besides('ball', ['range', ''], ['range']).is).toBe('unknown')
    expect(besides('ball', ['range', ''], ['own']).is).toBe('different')
    expect(besides('ball', [], []).is).toBe('unknown')
  })
})
