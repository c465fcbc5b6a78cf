import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/ids'
import { yards } from '@/core/units'
import {
  driftSentence,
  leftOutReason,
  nextReason,
  offCurveSentence,
  suggestion,
  warningSentence,
} from './reasons'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const METRES = { lengthUnit: 'm', speedUnit: 'km/h' } as const
const name = (id: string) => id
const id = (text: string) => text as ClubId

describe('why a shot is left out', () => {
  it('a fat one: speed and carry', () => {
    const facts = { carryM: yards(139), shortM: yards(21), speedDown: 0.1 }
    expect(leftOutReason({ mark: 'fat', facts }, YARDS, name)).toBe(
      'ball speed 10% under the others, 21 yd short',
    )
    expect(leftOutReason({ mark: 'fat', facts }, METRES, name)).toContain('19 m short')
  })

  it('a thin one by its launch, a wild one by its side, another club’s by its name', () => {
    expect(
      leftOutReason({ mark: 'thin', facts: { carryM: 120, launchDown: 0.41, speedDown: 0.01 } }, YARDS, name),
    ).toBe('launch 41% lower')
    expect(leftOutReason({ mark: 'wild', facts: { carryM: 120, offlineM: -yards(24) } }, YARDS, name)).toBe(
      '24 yd left',
    )
    const other = { carryM: yards(246), shortM: -yards(42), other: id('driver') }
    expect(leftOutReason({ mark: 'other-club', facts: other }, YARDS, name)).toBe(
      'looks like a shot with the driver, 42 yd long',
    )
  })

  it('is never empty', () => {
    expect(leftOutReason({ mark: 'misread', facts: {} }, YARDS, name)).toBe('no golf shot carries that')
    expect(leftOutReason({ mark: 'off-centre', facts: { carryM: 120, shortM: 1 } }, YARDS, name)).toContain(
      'each a little',
    )
  })

  it('is the golfer’s own word where the golfer left it out, whatever the numbers say', () => {
    const facts = { carryM: 120, shortM: 1, speedDown: 0.2 }
    const said = (mark: 'misread' | 'other-club') =>
      leftOutReason({ mark, byGolfer: true, facts }, YARDS, name)
    expect(said('misread')).toBe('you left it out as misread')
    expect(said('other-club')).toBe('you left it out as another club’s')
  })

  it('names what a shot looks like, with its chance', () => {
    const judged = { shotId: 's' as ShotId, mark: 'fat' as const, solidProbability: 0.001 }
    expect(suggestion(judged)).toBe('looks fat, under 1% likely solid')
    expect(suggestion({ ...judged, mark: 'other-club', solidProbability: 0.31 })).toBe(
      'looks like another club, 31% likely solid',
    )
  })
})

describe('strike or club', () => {
  const off = { expectedM: yards(169.7), measuredM: yards(162.1), lowM: yards(-11), highM: yards(-4) }

  it('strike first, with both numbers of smash', () => {
    expect(
      offCurveSentence({ ...off, cause: 'strike', explained: 0.9, smash: 1.29, expectedSmash: 1.38 }, YARDS),
    ).toBe(
      '8 yd under the 170 that your other clubs say for its loft: smash 1.29 where the others say 1.38. Look at the strike first.',
    )
  })

  it('check the loft, or say that nobody can know', () => {
    expect(offCurveSentence({ ...off, cause: 'loft', explained: 0.1 }, YARDS)).toContain('Check the loft.')
    expect(offCurveSentence({ ...off, cause: 'loft' }, YARDS)).toContain('Without ball speed nobody can say')
    expect(offCurveSentence({ ...off, cause: 'too-few' }, YARDS)).toBeNull()
  })
})

describe('what to know before trusting the numbers', () => {
  it('one-sided leaving out: 139.5 became 133.8', () => {
    const facts = {
      clubId: id('7-iron'),
      swing: 'full',
      shotIds: ['a', 'b', 'c', 'd'] as ShotId[],
      side: 'long' as const,
      withM: yards(139.5),
      withoutM: yards(133.8),
    }
    expect(warningSentence({ kind: 'one-sided', facts }, YARDS, name)).toBe(
      '7-iron: you took out only long ones, 4 without a strike that shows. 139.5 became 133.8.',
    )
  })

  it('tiredness: found, not found, or not to be known', () => {
    expect(driftSentence({ found: true, knowable: true, per90: -0.035, se: 0.01 })).toBe(
      'You lose 3.5% of ball speed over 90 shots.',
    )
    expect(driftSentence({ found: false, knowable: false })).toContain('hit in rounds')
    expect(driftSentence({ found: false, knowable: true, per90: -0.004, se: 0.01 })).toContain('−0.4% ± 1.6%')
  })

  it('why a club is to be hit next', () => {
    const next = { clubId: id('8-iron'), swing: 'full', shots: 3 }
    expect(nextReason({ ...next, facts: [{ kind: 'too-few', count: 0 }] }, name)).toBe('not hit yet')
    const would = {
      kind: 'would-settle' as const,
      longerId: id('8-iron'),
      shorterId: id('9-iron'),
      chance: 0.62,
    }
    expect(nextReason({ ...next, facts: [would] }, name)).toBe(
      '8-iron to 9-iron then settled 62 times in 100',
    )
  })
})
