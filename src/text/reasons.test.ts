import { describe, expect, it } from 'vitest'
import type { ClubId, ShotId } from '@/core/model/ids'
import { yards } from '@/core/units'
import {
  oddSentence,
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
    const sentence = (mark: 'misread' | 'other-club') =>
      leftOutReason({ mark, byGolfer: true, facts }, YARDS, name)
    expect(sentence('misread')).toBe('you left it out as misread')
    expect(sentence('other-club')).toBe('you left it out as another club’s')
  })

  it('names what a shot looks like, with its chance', () => {
    const judged = { shotId: 's' as ShotId, mark: 'fat' as const, solidProbability: 0.001 }
    expect(suggestion(judged)).toBe('looks fat, under 1% likely good')
    expect(suggestion({ ...judged, mark: 'other-club', solidProbability: 0.31 })).toBe(
      'looks like another club, 31% likely good',
    )
  })
})

describe('strike or club', () => {
  const off = { expectedM: yards(169.7), measuredM: yards(162.1), lowM: yards(-11), highM: yards(-4) }

  it('strike first, with both numbers of smash', () => {
    expect(
      offCurveSentence({ ...off, cause: 'strike', smash: 1.29, expectedSmash: 1.38 }, YARDS, false),
    ).toBe(
      '8 yd short of what its loft suggests (170). Smash 1.29, your other clubs suggest 1.38. Look at the strike first.',
    )
  })

  it('strike first, where the club is missed more often than the others', () => {
    const missedMore = { share: 0.5, others: 0.12 }
    expect(offCurveSentence({ ...off, cause: 'strike', missedMore }, YARDS, false)).toContain(
      'You miss it more often than your other clubs: 50% against 12%.',
    )
  })

  it('check the loft, or say what could tell', () => {
    expect(
      offCurveSentence({ ...off, cause: 'loft', smash: 1.38, expectedSmash: 1.38 }, YARDS, false),
    ).toContain('Its smash is normal. Check the loft.')
    const long = { ...off, cause: 'loft' as const, measuredM: yards(178) }
    expect(offCurveSentence(long, YARDS, false)).toBe(
      '8 yd longer than its loft suggests (170). Check the loft.',
    )
    // Nobody is sent to measure a loft that was measured.
    expect(offCurveSentence(long, YARDS, true)).toContain('Its loft was measured, so look at')
    expect(offCurveSentence({ ...off, cause: 'unclear' }, YARDS, false)).toContain(
      'A monitor that measures club speed',
    )
    expect(offCurveSentence({ ...off, cause: 'too-few' }, YARDS, false)).toBeNull()
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

  it('tiring is said of what was measured', () => {
    const tiring = (of: 'speed' | 'carry') =>
      warningSentence({ kind: 'tiring', facts: { of, per90: -0.035, se: 0.01 } }, YARDS, name)
    expect(tiring('speed')).toContain('ball speed falls by 3.5%')
    expect(tiring('carry')).toContain('carry falls by 3.5%')
  })

  it('a number at the end of its interval says why it is probably off', () => {
    const odd = { is: 'short', because: 'other-clubs', estimateM: yards(181) } as const
    expect(oddSentence({ odd }, YARDS)).toBe('Probably short, because your other clubs suggest about 181.')
    expect(oddSentence({ odd: { ...odd, because: 'late-shots' } }, YARDS)).toContain('late in the session')
    expect(oddSentence({}, YARDS)).toBeNull()
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
      '62% chance that this confirms 8-iron to 9-iron',
    )
  })
})
