import { expect, it } from 'vitest'
import type { ActionFacts } from '@/core/session/action'
import type { ClubId } from '@/core/model/ids'
import { yards } from '@/core/units'
import { actionWords } from './actions'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const club = '7-iron' as ClubId
const one = { shots: 1, carryM: yards(92.2) }

it.each<[string, ActionFacts]>([
  ['92.2 yd from the monitor', { kind: 'taken', source: 'monitor', ...one }],
  ['5 shots typed', { kind: 'taken', source: 'typed', shots: 5, carryM: 80 }],
  ['fat for 92.2 yd', { kind: 'mark', mark: 'fat', ...one }],
  ['3 shots to the 7-iron, half', { kind: 'station', clubId: club, swing: 'half', shots: 3, carryM: 80 }],
  ['92.2 yd taken as it is', { kind: 'released', ...one }],
  ['a shot left out for good', { kind: 'withdrawn', shots: 1, carryM: null }],
  ['warm-up ends', { kind: 'warm-up', on: false }],
  [
    '150.0 yd expected of the 7-iron',
    { kind: 'expectation', clubId: club, swing: 'full', carryM: yards(150) },
  ],
])('undo says “%s”', (words, action) => {
  expect(actionWords(action, YARDS, (id) => id)).toBe(words)
})
