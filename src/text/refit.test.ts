import { expect, it } from 'vitest'
import type { ClubId } from '@/core/ids'
import { yards } from '@/core/units'
import {
  bounceSentence,
  cautionSentence,
  fixesSentence,
  ladderSentence,
  lightBagSentence,
  seamSentence,
  proposalSentence,
  sameJobSentence,
  topEndSentence,
} from './refit'

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

it('says what a light bag gives up, what a loft between would carry, and what a bounce is on a turf', () => {
  const light = { dropped: [eight, nine], keeps: 10, holes: [] }
  const opened: [number, number][] = [
    [yards(114), yards(127)],
    [yards(90), yards(94)],
  ]
  expect(lightBagSentence({ ...light, opened }, name, YARDS)).toBe(
    'A light bag: 10 clubs do what your 12 do, but for 114 to 127 yd and 1 smaller hole. At home: the 8-iron and the 9-iron.',
  )
  expect(lightBagSentence({ ...light, opened: [] }, name, YARDS)).toContain('what your 12 do. At home')
  const wide = { longerId: eight, shorterId: nine, mPerDeg: yards(2.95), loftDeg: 51, carryM: yards(86.75) }
  expect(ladderSentence(wide, name, YARDS)).toContain(
    'a degree is 2.95 yd: one of 51° of the same model would carry about 86.8; of another model, measure it first',
  )
  expect(bounceSentence([{ club: 'P-wedge', bounceDeg: 7 }], 'little', 'soft')).toBe(
    '7° on the P-wedge is little bounce for soft turf and fluffy sand: about 14° suit it, less where you sweep.',
  )
  expect(cautionSentence({ kind: 'length', clubId: eight, longerM: 0.0127 }, name)).toContain(
    'about 3 points heavier and stands more upright',
  )
})

it('says the seam with both choices, and the price of the better one', () => {
  const seam = {
    ironId: '9-iron' as ClubId,
    belowId: '54° wedge' as ClubId,
    choices: [
      { clubId: 'P-wedge' as ClubId, aboveM: yards(12.2), belowM: yards(19.4) },
      { clubId: '50° wedge' as ClubId, aboveM: yards(17.9), belowM: yards(13.7) },
    ],
    mostBelowM: yards(16.4),
  }
  expect(seamSentence({ ...seam, best: 1 }, name, YARDS)).toBe(
    'Between the 9-iron and the 54° wedge: the P-wedge 12.2 above and 19.4 below, the 50° wedge 17.9 above and 13.7 below. With no step below the seam over 16.4 yd the 50° wedge; its price is 17.9 at the seam.',
  )
  expect(seamSentence({ ...seam, best: null }, name, YARDS)).toContain('None of them keeps')
})
