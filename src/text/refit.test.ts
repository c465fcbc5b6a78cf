import { expect, it } from 'vitest'
import type { ClubId } from '@/core/model/ids'
import { gapAdvice, type GapAdvice } from '@/core/refit/gap-advice'
import type { Proposal } from '@/core/refit/proposal'
import { yards } from '@/core/units'
import { adviceLines, firstSentence, longClubSentence } from './advice'
import {
  bounceSentence,
  cautionSentence,
  fixesSentence,
  goodGapsSentence,
  noFewerSentence,
  oneLessSentence,
  proposalSentence,
  sameJobSentence,
  topEndSentence,
} from './refit'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const [eight, nine] = ['8-iron', '9-iron'] as ClubId[] as [ClubId, ClubId]
const [pitching, sand, new51] = ['P-wedge', 'S-wedge', 'new 51'] as ClubId[] as [ClubId, ClubId, ClubId]
const name = (id: string) => (id === new51 ? '51° (new)' : id)
const pair = { longerId: eight, shorterId: nine }

const gap = (longerId: ClubId, shorterId: ClubId, longer: number, shorter: number, sd = 1.574) => ({
  longerId,
  shorterId,
  gapM: yards(longer - shorter),
  sdM: yards(sd),
  good: 0.64,
  limitsM: null,
  shownM: { longer: yards(longer), shorter: yards(shorter) },
})

const BENDS: Proposal = {
  strategy: 'least-work',
  fixes: [
    { kind: 'bend', clubId: eight, degrees: 2 },
    { kind: 'bend', clubId: nine, degrees: -1 },
  ],
  gapsToImprove: [pair],
  before: 2.6,
  after: 3.34,
  good: { before: { good: 3, of: 4 }, after: { good: 4, of: 4 } },
  gaps: [gap(eight, nine, 126.3, 112.85)],
  cautions: [],
}

it('tells what two bends would do as a fitter would, by the difference of the carries that are shown', () => {
  expect(proposalSentence(BENDS, name, YARDS)).toBe(
    'Bend the 8-iron 2° weak and the 9-iron 1° strong. 8-iron to 9-iron would be about 13 (10–16).',
  )
  expect(goodGapsSentence(BENDS.good)).toBe('Good gaps: 3 of 4 now, 4 of 4 after.')
})

it('a club that was never hit is an estimate: 125 (46°) and 95 (56°), a 51° at about 110 (103–117), 15 and 15', () => {
  const fixes = [{ kind: 'add', loftDeg: 51 } as const]
  const gaps = [gap(pitching, new51, 125, 110, 4.2), gap(new51, sand, 110, 95, 4.2)]
  const sentence = proposalSentence({ fixes, gaps, gapsToImprove: [] }, name, YARDS)
  expect(sentence).toBe(
    'Add a club of 51°. It would carry about 110 (103–117), 15 yd from the P-wedge and 15 from the S-wedge. Try one before you buy.',
  )
})

it('tells fixes of every kind, and what a bend does to the bounce', () => {
  expect(
    fixesSentence(
      [
        { kind: 'drop', clubId: nine },
        { kind: 'bend', clubId: eight, degrees: 0.5 },
        { kind: 'add', loftDeg: 51 },
        { kind: 'add', loftDeg: 20, carryM: yards(177) },
      ],
      name,
      YARDS,
    ),
  ).toBe(
    'bend the 8-iron 0.5° weak, add a club of 51°, try a club of 20° that carries 177 and take out the 9-iron',
  )
  expect(cautionSentence({ kind: 'bounce', clubId: nine, degrees: -1, leavesDeg: 7 }, name)).toBe(
    'The 9-iron gets 1° less bounce and has 7° then.',
  )
  expect(cautionSentence({ kind: 'bounce', clubId: nine, degrees: -1 }, name)).toContain('not known')
  expect(cautionSentence({ kind: 'length', clubId: eight, longerM: 0.0127 }, name)).toContain(
    'about 3 points heavier and sits more upright',
  )
})

it('names the one of two clubs to keep, or leaves it to the strike', () => {
  const same = { ...pair, probability: 0.87 }
  expect(sameJobSentence({ ...same, keep: nine, because: 'landing' }, name)).toBe(
    'You need only one of the 8-iron and the 9-iron, which do the same job. Keep the 9-iron, because it lands steeper.',
  )
  expect(sameJobSentence({ ...same, probability: 0.73 }, name)).toContain('probably need only one')
  expect(topEndSentence({ aheadM: yards(8), is: 'driver-first' }, YARDS)).toContain(
    'Look at the driver first',
  )
})

it('tells what a club less costs, why it ends, and what a bounce is on a turf', () => {
  const less = {
    dropped: eight,
    keeps: 10,
    uncovered: [
      [yards(114), yards(127)],
      [yards(90), yards(94)],
    ] as [number, number][],
    good: { good: 7, of: 9 },
  }
  expect(oneLessSentence(less, name, YARDS)).toBe(
    'Take out the 8-iron: no club for 114–127 yd and 1 shorter stretch. Good gaps: 7 of 9.',
  )
  expect(oneLessSentence({ ...less, uncovered: [] }, name, YARDS)).toContain(
    'you still have a club for every distance',
  )
  const fewer = { has: 11, good: less.good, less: [less] }
  expect(
    noFewerSentence(
      { ...fewer, next: { dropped: nine, uncovered: [[yards(105), yards(127)]] } },
      name,
      YARDS,
    ),
  ).toBe('No more clubs can go. Without the 9-iron as well, you would have no club for 105–127 yd.')
  expect(bounceSentence([{ club: 'P-wedge', bounceDeg: 7 }], 'little', 'soft')).toBe(
    '7° on the P-wedge is little bounce for soft turf and fluffy sand. About 14° suits it, more for a steep swing, less for a shallow one.',
  )
})

const retest = {
  kind: 'retest' as const,
  shots: [
    { clubId: eight, swing: 'full', shots: 6 },
    { clubId: nine, swing: 'full', shots: 6 },
  ],
}

it('what comes first about a gap: shots, a swing that fits, the lofts, the fix; else that none was found', () => {
  const first = (before: Partial<GapAdvice>, proposals: Proposal[] = [BENDS]) =>
    gapAdvice({ ...pair, fix: 'refit', noChange: [], ...before }, proposals, undefined)
  const sentence = (...of: Parameters<typeof first>) => firstSentence(first(...of), name, YARDS)
  expect(sentence({ fix: 'retest', noChange: [retest] })).toBe(
    'Hit 6 more with the 8-iron and 6 more with the 9-iron before you change a club.',
  )
  const swing = {
    kind: 'swing',
    clubId: pitching,
    swing: 'three-quarter',
    carryM: yards(113),
    count: 6,
  } as const
  expect(sentence({ fix: 'swing', noChange: [swing] })).toBe(
    'Your P-wedge, three-quarter fits between them. It carries 113.',
  )
  expect(sentence({})).toBe(proposalSentence(BENDS, name, YARDS))
  expect(sentence({ fix: 'measure-lofts' })).toContain('Have the lofts of the 8-iron and the 9-iron measured')
  expect(sentence({}, [])).toBe('No simple fix found.')
  expect(adviceLines({ firsts: [first({})], longClubs: [] }, name, YARDS)).toEqual([
    `8-iron to 9-iron. ${proposalSentence(BENDS, name, YARDS)}`,
  ])
})

it('long clubs of which the longer is not longer: more loft where it lands flat, else one of them goes', () => {
  const woods = { longerId: '3-wood' as ClubId, shorterId: '5-wood' as ClubId }
  expect(
    longClubSentence(
      {
        ...woods,
        kind: 'more-loft',
        clubId: woods.longerId,
        landingDeg: 33.2,
        degrees: 2,
        fixes: [{ kind: 'swap', clubId: woods.longerId, loftDeg: 17 }],
      },
      name,
      YARDS,
    ),
  ).toBe(
    'The 3-wood lands at 33°, which is flat. With 2° more loft it should carry further, so try one of 17°. If it is still not longer than the 5-wood, take one of the two out.',
  )
  expect(
    longClubSentence(
      {
        ...woods,
        kind: 'take-out',
        clubId: woods.longerId,
        keep: woods.shorterId,
        because: 'easier',
        fixes: [{ kind: 'drop', clubId: woods.longerId }],
        slot: { ...pair, fix: { kind: 'add', loftDeg: 24 } },
      },
      name,
      YARDS,
    ),
  ).toBe(
    'Take out the 3-wood and keep the 5-wood, because it is easier to hit. Its place is worth most between the 8-iron and the 9-iron: add a club of 24°.',
  )
})
