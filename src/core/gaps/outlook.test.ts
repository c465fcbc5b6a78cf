import { describe, expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { phi } from '../math/normal'
import { yards } from '../units'
import { nearLine } from './near-limit'
import { sureFrom } from './settled'
import { nextShots, type NextClub } from './next-shots'
import { after, outlookOf, settleChance, type Prospect, type GapProspect } from './outlook'

const IRONS = { reversed: 0, tooClose: yards(7), tooWide: yards(15) }
const stock = (carry: number, sd: number, count = 5): Prospect => ({
  meanM: yards(carry),
  varianceM2: yards(sd) ** 2,
  count,
  shotSdM: yards(5),
  missed: 0.15,
})
const gap = (size: number, sd: number, count = 5): GapProspect => ({
  longer: stock(150 + size, sd, count),
  shorter: stock(150, sd, count),
  extraVarianceM2: 0,
  limitsM: IRONS,
})

describe('what more shots would do', () => {
  it('agrees with playing it out: 4,000 ways the shots may fall, seed 17', () => {
    const roll = dice(17)
    const of = gap(17.5, 2.2)
    const [a, b] = [after(of.longer, 9), after(of.shorter, 9)]
    const learned = Math.sqrt(of.longer.varianceM2 + of.shorter.varianceM2 - a.varianceM2 - b.varianceM2)
    const sd = Math.sqrt(a.varianceM2 + b.varianceM2)
    const from = sureFrom({ scatter: of.longer.shotSdM / of.longer.meanM, missed: of.longer.missed })
    let settled = 0
    for (let i = 0; i < 4000; i++) {
      const at = yards(17.5) + roll.normal(0, learned)
      const below = (limit: number) => phi((limit - at) / sd)
      const [r, n, w] = [below(0), below(IRONS.tooClose), below(IRONS.tooWide)]
      if (Math.max(r, n - r, w - n, 1 - w) >= from.zone || nearLine(below, IRONS, yards(150), from.line))
        settled++
    }
    expect(Math.abs(settleChance(of, 9, 9).settle - settled / 4000)).toBeLessThan(0.05)
  })

  it('is more with more shots, and more where the gap is far from a limit', () => {
    const chances = [0, 3, 9, 24].map((shots) => settleChance(gap(18, 2.5), shots, shots).settle)
    expect(chances).toEqual([...chances].sort((a, b) => a - b))
    expect(outlookOf(gap(30, 2.5)).outlook).toBeGreaterThan(outlookOf(gap(16.5, 2.5)).outlook)
  })

  it('names the smallest number that settles it in one of two cases', () => {
    const { moreEach, atMoreEach } = outlookOf(gap(18, 2.5))
    expect(moreEach).toBeGreaterThan(0)
    expect(atMoreEach).toBeGreaterThanOrEqual(0.5)
    expect(settleChance(gap(18, 2.5), moreEach! - 3, moreEach! - 3).settle).toBeLessThan(atMoreEach)
  })

  it('lets a gap rest that ten shots each have not settled and a few more would not', () => {
    const wild = (count: number) => {
      const { longer, shorter, ...rest } = gap(11, 3.5, count)
      const shotSdM = yards(12)
      return outlookOf({ ...rest, longer: { ...longer, shotSdM }, shorter: { ...shorter, shotSdM } })
    }
    expect(wild(12)).toMatchObject({ resting: true })
    expect(wild(9).resting).toBe(false)
  })
})

describe('what to hit next', () => {
  const clubs = (...sds: number[]): NextClub[] =>
    sds.map((sd, i) => ({
      clubId: `c${i}` as NextClub['clubId'],
      count: 5,
      stock: stock(180 - 17 * i, sd),
    }))
  const open = { settled: false, resting: false, extraVarianceM2: 0, limitsM: IRONS }

  it('is first three with every club, in bag order', () => {
    const bag = clubs(2, 2, 2).map((each, i) => ({ ...each, count: [3, 0, 2][i]! }))
    expect(nextShots(bag, [open, open]).map(({ clubId, shots }) => [clubId, shots])).toEqual([
      ['c1', 3],
      ['c2', 1],
    ])
  })

  it('is then a set of twelve in blocks of three, where it settles most', () => {
    const done = { ...open, settled: true }
    const next = nextShots(clubs(2.4, 2.4, 1, 1), [open, done, done])
    expect(next.map(({ clubId }) => clubId)).toEqual(['c0', 'c1'])
    expect(next.reduce((sum, { shots }) => sum + shots, 0)).toBe(12)
    expect(next.every(({ shots }) => shots % 3 === 0)).toBe(true)
    expect(next[0]!.facts[0]).toMatchObject({ kind: 'would-settle', longerId: 'c0', shorterId: 'c1' })
  })

  it('is nothing where all is settled or resting', () => {
    const bag = clubs(2.4, 2.4, 2)
    expect(
      nextShots(bag, [
        { ...open, settled: true },
        { ...open, resting: true },
      ]),
    ).toEqual([])
    expect(nextShots([], [])).toEqual([])
  })
})
