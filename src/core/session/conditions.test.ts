import { describe, expect, it } from 'vitest'
import { exclusionOf, stockExclusion, conditionsAt, lyingOn, PLAIN, type ConditionChange } from './conditions'

const wind = (fromSeq: number, blows: 'into' | null): ConditionChange => ({
  fromSeq,
  kind: 'air',
  wind: blows,
  tempC: null,
  surface: null,
})

describe('what a shot was hit in', () => {
  const changes: ConditionChange[] = [
    { fromSeq: 1, kind: 'warm-up', on: true },
    { fromSeq: 7, kind: 'warm-up', on: false },
    wind(10, 'into'),
    wind(12, null),
  ]

  it('holds from its change to the next', () => {
    const seen = [0, 1, 6, 7, 9, 10, 11, 12].map((seq) => exclusionOf(conditionsAt(changes, seq)))
    expect(seen).toEqual([null, 'warm-up', 'warm-up', null, null, 'wind', 'wind', null])
  })

  it('said later for shots before, the later word holds', () => {
    expect(conditionsAt([...changes, wind(9, 'into')], 9).wind).toBe('into')
    expect(conditionsAt([...changes, wind(10, null)], 10).wind).toBeNull()
  })

  it('is plain where nothing was said', () => {
    expect(conditionsAt([], 5)).toEqual(PLAIN)
    expect(exclusionOf(PLAIN)).toBeNull()
    expect(exclusionOf({ ...PLAIN, surface: 'rough' })).toBe('rough')
  })

  it('off the mat stands for no stock of grass; where nobody said what the ball lay on, it does', () => {
    const mat = { surface: 'mat' } as const
    const why = (hitIn: Partial<typeof PLAIN>, setUp: Parameters<typeof lyingOn>[1] = mat) =>
      stockExclusion({ ...PLAIN, ...hitIn }, setUp, 'grass')
    expect([why({}), why({ surface: 'grass' }), why({}, null), why({}, { surface: 'grass' })]).toEqual([
      ...['mat', null, null, null],
    ])
    // What is out whatever the golfer says comes first; then what keeps the shot apart for good.
    expect([why({ warmUp: true }), why({ wind: 'into' }), why({ surface: 'rough' })]).toEqual([
      ...['warm-up', 'mat', 'rough'],
    ])
    expect(stockExclusion({ ...PLAIN, wind: 'into' }, mat, null)).toBe('wind')
    expect(stockExclusion(PLAIN, mat, 'mat')).toBeNull()
  })
})
