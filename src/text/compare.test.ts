import { expect, it } from 'vitest'
import { yards } from '@/core/units'
import { NEW_GOLFER } from '@/core/model/golfer'
import {
  differencesSentence,
  byChanceSentence,
  biggestSentence,
  changeCell,
  changeWord,
  checkSentence,
  differenceCell,
  sideName,
  togetherSentence,
  trialSentence,
} from './compare'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const found = {
  differenceM: yards(5.5),
  lowM: yards(1.1),
  highM: yards(9.9),
  probability: 0.98,
  word: 'real',
} as const

it('says a difference with its interval and the word for it', () => {
  expect(differenceCell(found, YARDS)).toBe('+5.5 ± 4.4')
  expect(differenceCell({ ...found, differenceM: yards(-5.5) }, YARDS)).toBe('−5.5 ± 4.4')
  expect(biggestSentence('9-iron', found, YARDS)).toBe('9-iron: further by 5.5 ± 4.4 yd, likely real')
  expect(changeWord({ word: 'open', moreEach: 6 })).toBe('cannot be told yet: 6 more shots of each would')
  expect(changeWord({ word: 'open' })).toContain('other days would')
  expect(changeCell({ word: 'none' })).toBe('no difference that matters')
  expect(togetherSentence({ share: -0.03, halfShare: 0.02, probability: 0.01, stations: 12 })).toBe(
    'All 12 clubs and swings together are 3.0% ± 2.0% shorter: likely real.',
  )
})

it('names every kind of side', () => {
  expect(sideName({ side: { kind: 'season', season: 'winter', year: 2026 } })).toBe('winter 2025/26')
  expect(sideName({ side: { kind: 'season', season: 'summer', year: 2026 } })).toBe('summer 2026')
  expect(sideName({ side: { kind: 'bag', untilMs: null } })).toBe('the bag now')
  expect(
    sideName({
      side: { kind: 'set-up', clubId: 'x' as never, untilMs: Date.UTC(2026, 4, 4, 12) },
      name: '9-iron',
    }),
  ).toBe('9-iron before 4 May 2026')
  expect(sideName({ side: { kind: 'ball', ball: 'range ball' } })).toBe('ball: range ball')
})

it('says what else differed, what was the same, and what is not set', () => {
  const golfer = { ...NEW_GOLFER, tempUnit: 'C' } as never
  const place = { what: 'place', is: 'different', a: ['indoor'], b: ['range'] } as const
  const surface = { what: 'surface', is: 'different', a: ['mat'], b: ['grass'] } as const
  const ball = { what: 'ball', is: 'unknown', a: [''], b: ['own ball'] } as const
  const monitor = { what: 'monitor', is: 'same', a: ['x'], b: ['x'] } as const
  const all = [place, surface, ball, monitor].map((each) => ({ ...each, a: [...each.a], b: [...each.b] }))
  expect(differencesSentence(all, { a: 18, b: 5.4 }, golfer)).toBe(
    'Also different: place (indoors; on the range), mat or grass (mat; grass) and weather (18 °C; 5 °C). The same: monitor. Not set: ball.',
  )
  expect(differencesSentence([], { a: 18, b: 18.4 }, golfer)).toBe('The same: weather.')
  expect(differencesSentence([], { a: null, b: 18.4 }, golfer)).toBe('Not set: weather.')
})

it('says when one of many would look changed by chance', () => {
  expect(byChanceSentence(1, 12)).toBe('1 difference could be chance, because 12 are compared at once.')
  expect(byChanceSentence(0, 12)).toBeNull()
})

it('says whether an old stock is still true, and what a trial comes to', () => {
  const old = { days: 217, oldM: yards(140.6), nowM: yards(146.1), shots: 3 }
  expect(checkSentence('7-iron', old, found, YARDS)).toBe(
    '7-iron, 217 days old: 140.6 then, 146.1 with 3 shots: moved by +5.5 ± 4.4.',
  )
  expect(checkSentence('7-iron', old, { ...found, word: 'none' }, YARDS)).toContain('still true')
  expect(checkSentence('7-iron', old, { ...found, word: 'open' }, YARDS)).toContain('cannot be told.')
  expect(trialSentence({ ...found, differenceM: yards(-5.5) }, { a: 'old', b: 'new' }, YARDS)).toBe(
    'The old goes 5.5 ± 4.4 yd further than the new: likely real.',
  )
})
