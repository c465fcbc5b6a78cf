import { expect, it } from 'vitest'
import type { ClubId } from '@/core/ids'
import { yards } from '@/core/units'
import { cautionSentence, fixesSentence, proposalSentence, sameJobSentence, topEndSentence } from './refit'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const [eight, nine] = ['8-iron', '9-iron'] as ClubId[] as [ClubId, ClubId]
const name = (id: string) => id

it('says what two bends would do as a fitter would, with its interval', () => {
  const sentence = proposalSentence(
    {
      way: 'least-work',
      fixes: [
        { kind: 'bend', clubId: eight, degrees: 2 },
        { kind: 'bend', clubId: nine, degrees: -1 },
      ],
      troubles: [{ longerId: eight, shorterId: nine }],
      before: 2.6,
      after: 3.34,
      steps: [
        {
          longerId: eight,
          shorterId: nine,
          stepM: yards(13.45),
          sdM: yards(1.574),
          even: 0.64,
          limitsM: null,
        },
      ],
      cautions: [],
    },
    name,
    YARDS,
  )
  expect(sentence).toBe(
    'Bend the 8-iron 2° weak and the 9-iron 1° strong: 8-iron to 9-iron would be about 13.5 ± 2.6.',
  )
})

it('tells fixes of every kind, and what a bend does to the bounce', () => {
  expect(
    fixesSentence(
      [
        { kind: 'drop', clubId: nine },
        { kind: 'bend', clubId: eight, degrees: 0.5 },
        { kind: 'add', loftDeg: 51 },
      ],
      name,
    ),
  ).toBe('leave the 9-iron at home, bend the 8-iron 0.5° weak and add a club of 51°')
  expect(cautionSentence({ kind: 'bounce', clubId: nine, degrees: -1, leavesDeg: 7 }, name)).toBe(
    'The 9-iron gets 1° less bounce: 7°.',
  )
})

it('names the one of two clubs to keep, or leaves it to the strike', () => {
  const same = { longerId: eight, shorterId: nine, probability: 0.87 }
  expect(sameJobSentence({ ...same, keep: nine, because: 'landing' }, name)).toBe(
    'The 8-iron and the 9-iron do the same job (87%): keep the 9-iron, it lands steeper.',
  )
  expect(sameJobSentence({ ...same, probability: 0.73 }, name)).toContain('probably do the same job (73%)')
  expect(topEndSentence({ aheadM: yards(8), is: 'driver-first' }, YARDS)).toContain(
    'look at the driver first',
  )
})
