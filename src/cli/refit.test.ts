import { describe, expect, it } from 'vitest'
import { dice } from '../../simulators/golfers/dice'
import { hitSession, inRounds } from '../../simulators/golfers/hit-session'
import { NET_LOFT } from '../../simulators/golfers/net-loft'
import { readRefitInput } from '@/formats/refit-input'
import { refitResult } from './refit'

const golfer = NET_LOFT[1]!
const roll = dice(5)
const line = (change: (club: object, i: number) => object = (club) => club) => {
  const shots = [0, 1].flatMap((session) =>
    hitSession(golfer, inRounds(golfer.clubs, 9), roll).map(({ flight, named, swing, position }, i) => ({
      ...flight,
      id: `${session} ${i}`,
      clubId: named.name,
      swing,
      sequence: position,
      session,
    })),
  )
  const clubs = golfer.clubs.map(({ name, kind, loftDeg }, order) =>
    change({ id: name, kind, loftDeg, order, head: 'forged', loftMeasured: true, bounceDeg: 10 }, order),
  )
  return JSON.stringify({ clubs, shots })
}

describe('a line of refit', () => {
  it('is answered with what a degree is worth, the gates, and proposals whose gaps are those of the bag', () => {
    const read = readRefitInput(line())
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const before = JSON.stringify(read.value)
    const result = refitResult(read.value) as {
      perDegree: { clubId: string; mPerDeg: number; sdMPerDeg: number }[]
      gate: { longerId: string; shut?: string }[]
      proposals: { strategy: string; before: number; after: number; gaps: object[]; cautions: string[] }[]
    }
    expect(JSON.stringify(read.value)).toBe(before)
    const irons = result.perDegree.filter(({ clubId }) => clubId.endsWith('iron'))
    expect(irons.length).toBeGreaterThan(3)
    for (const { mPerDeg, sdMPerDeg } of irons) {
      expect(mPerDeg).toBeGreaterThan(1)
      expect(mPerDeg).toBeLessThan(4.5)
      expect(sdMPerDeg).toBeGreaterThan(0)
    }
    for (const { strategy, before: was, after, gaps } of result.proposals) {
      // With one club less a gap is gone: the sum of the others need not rise.
      if (strategy !== 'fewer-clubs') expect(after - was).toBeGreaterThanOrEqual(0.5)
      expect(gaps.length).toBeGreaterThan(5)
    }
    expect(JSON.stringify(result)).not.toContain('null')
  })

  it('keeps a club of the rack out of the bag', () => {
    const read = readRefitInput(line((club, i) => (i === 6 ? { ...club, inBag: false } : club)))
    if (!read.ok) throw new Error(JSON.stringify(read.problems))
    const result = refitResult(read.value) as { perDegree: { clubId: string }[] }
    expect(result.perDegree.map(({ clubId }) => clubId)).not.toContain(golfer.clubs[6]!.name)
  })

  it.each([
    [{ bounceDeg: 60 }, 'bounceDeg'],
    [{ head: 'wooden' }, 'head'],
    [{ liking: 9 }, 'liking'],
  ])('says what is wrong with %j', (change, field) => {
    const read = readRefitInput(line((club, i) => (i === 2 ? { ...club, ...change } : club)))
    expect(read.ok ? [] : read.problems.map((problem) => problem.field)).toEqual([`clubs.2.${field}`])
  })
})
