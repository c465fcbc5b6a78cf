import { describe, expect, it } from 'vitest'
import { sample } from '../../src/core/math/sample'
import { dice } from './dice'
import { hitOtherwise } from './hit-otherwise'
import { hitSession, inRounds } from './hit-session'
import { NET_LOFT } from './net-loft'

const tilda = NET_LOFT[0]!
const session = (seed: number, more: Partial<typeof tilda> = {}, shotsEach = 6) =>
  hitSession({ ...tilda, ...more }, inRounds(tilda.clubs, shotsEach), dice(seed))

describe('a simulated session', () => {
  it('in rounds gives every club three, shortest first, then all again', () => {
    const plan = inRounds(tilda.clubs, 5)
    expect(plan.slice(0, 4).map(({ club }) => club.name)).toEqual([
      '58° wedge',
      '58° wedge',
      '58° wedge',
      '54° wedge',
    ])
    const counts = new Map<string, number>()
    for (const { club } of plan) counts.set(club.name, (counts.get(club.name) ?? 0) + 1)
    expect([...counts.values()]).toEqual(tilda.clubs.map(() => 5))
  })

  it('is the same from the same seed', () => {
    expect(session(3)).toEqual(session(3))
    expect(session(3)).not.toEqual(session(4))
  })

  it('forgets a change of club now and then: the next one to three shots keep the name of the club before', () => {
    const shots = Array.from({ length: 60 }, (_, seed) => session(seed, { forgets: 0.5 })).flat()
    const wrong = shots.filter(({ truth }) => truth === 'other-club')
    expect(wrong.length).toBeGreaterThan(200)
    const one = session(1, { forgets: 1 })
    let run = 0
    let longest = 0
    one.forEach(({ truth, named }, i) => {
      const goesOn = truth === 'other-club' && one[i - 1]?.named === named
      run = truth !== 'other-club' ? 0 : goesOn ? run + 1 : 1
      longest = Math.max(longest, run)
    })
    expect(longest).toBeLessThanOrEqual(3)
    expect(session(1, { forgets: 0 }).some(({ truth }) => truth === 'other-club')).toBe(false)
  })
})

describe('the second generator', () => {
  const hit = (kind: Parameters<typeof hitOtherwise>[0], seed: number, count = 3000) => {
    const roll = dice(seed)
    const club = tilda.clubs[6]!
    const golfer = { ...tilda, missed: 0.25, misread: 0 }
    return Array.from({ length: count }, () => ({
      club,
      ...hitOtherwise(kind)(golfer, club, { swing: 'full', position: 0 }, roll),
    }))
  }
  const share = (shots: ReturnType<typeof hit>, truth: string) => {
    const some = shots.filter((shot) => shot.truth === truth)
    return sample(some.map(({ flight, club }) => flight.carryM / club.trueCarryM)).mean
  }

  it('misses as often, but the misses that hide lose only a few per cent', () => {
    const hiding = hit('hiding', 5)
    expect(hiding.filter(({ truth }) => truth !== 'solid').length / hiding.length).toBeCloseTo(0.25, 1)
    expect(share(hiding, 'fat')).toBeGreaterThan(0.93)
    expect(share(hit('other', 5), 'fat')).toBeLessThan(0.93)
  })

  it('has heavy tails where it should: more shots far from the middle', () => {
    const far = (shots: ReturnType<typeof hit>) =>
      shots.filter(
        ({ truth, flight, club }) =>
          truth === 'solid' && Math.abs(Math.log(flight.carryM / club.trueCarryM)) > 3 * tilda.spread,
      ).length
    expect(far(hit('heavy-tails', 7))).toBeGreaterThan(2 * far(hit('other', 7)))
  })
})
