import { expect, it } from 'vitest'
import { NEW_GOLFER, type Golfer } from '@/core/model/golfer'
import type { ClubId, GolferId, RoundShotId } from '@/core/model/ids'
import { NO_DEMAND } from '@/core/gaps/demand'
import { yards } from '@/core/units'
import {
  bayToCourseWords,
  roundUseWords,
  demandWords,
  roundsFinding,
  roundTitle,
  shotLine,
  withoutWords,
} from './rounds'

const golfer: Golfer = {
  ...NEW_GOLFER,
  ...{ id: 'g' as GolferId, name: 'Merryn Oates', hand: 'left', lengthUnit: 'yd', speedUnit: 'mph' },
  ...{ goalZoneM: null, swings: ['full'] },
}
const range: [number, number] = [yards(114), yards(127)]

it('the finding names the hole that is faced most, and only one that is faced', () => {
  expect(roundsFinding({ rounds: 0, shots: 0 }, undefined, golfer)).toBe('No rounds yet')
  expect(roundsFinding({ rounds: 3, shots: 61 }, { range, shots: 7, aRound: 7 / 3 }, golfer)).toBe(
    '61 shots in 3 rounds: 114 to 127 was faced 2.3 times a round, and no club covers it',
  )
  expect(roundsFinding({ rounds: 1, shots: 1 }, { range, shots: 0, aRound: 0 }, golfer)).toBe(
    '1 shot in 1 round',
  )
})

it('a hole is faced so often a round, never, or nobody knows', () => {
  const demand = { distancesM: Array.from({ length: 7 }, () => yards(120)), rounds: 3 }
  expect(demandWords(demand, range)).toBe('faced 2.3 times a round')
  expect(demandWords({ ...demand, distancesM: [] }, range)).toBe('never faced')
  expect(demandWords(NO_DEMAND, range)).toBe('')
})

it('a shot says what is known of it, and no more', () => {
  const shot = {
    ...{ id: 's' as RoundShotId, clubId: 'c' as ClubId, swing: 'half', lie: 'rough' as const },
    ...{ leftM: yards(84), afterM: yards(6), carryM: yards(79) },
  }
  expect(shotLine(shot, golfer)).toBe('half, from the rough, 84 left, 6 after, carried 79')
  expect(
    shotLine({ ...shot, swing: 'full', lie: null, leftM: null, afterM: null, carryM: null }, golfer),
  ).toBe('')
  expect(roundTitle(0, { place: 'Tarnwick' })).toBe('No shot yet at Tarnwick')
  expect(roundTitle(1, { place: null })).toBe('1 shot')
})

it('bay to course stands with its interval and its shots', () => {
  const found = { kind: 'iron' as const, shots: 7, byM: yards(-4.2), halfM: yards(2.9), offered: true }
  expect(bayToCourseWords(found, golfer)).toBe('7 shots with irons: 4.2 ± 2.9 yd less than in the bay')
  expect(bayToCourseWords({ ...found, byM: yards(1) }, golfer)).toContain('1.0 ± 2.9 yd more')
})

it('a club that went leaves a gap by the names of its neighbours', () => {
  const left = { longerId: '8-iron' as ClubId, shorterId: 'P-wedge' as ClubId, gapM: yards(24) }
  expect(withoutWords(left, (id) => id, golfer)).toBe('without it 8-iron to P-wedge is 24 yd')
})

it('what was hit on the course stands beside the stock, with its carries where they were said', () => {
  const use = { clubId: 'c' as ClubId, swing: 'full', shots: 11, carries: 7, carryM: yards(134) }
  expect(roundUseWords(use, golfer)).toBe(
    '11 shots in rounds, 7 with a carry: 134.0 yd on average in the air of those days. They do not count.',
  )
  expect(roundUseWords({ ...use, shots: 1, carries: 0, carryM: null }, golfer)).toBe(
    '1 shot in rounds. It does not count.',
  )
})
