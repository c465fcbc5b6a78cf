import { describe, expect, it } from 'vitest'
import { phi } from '../math/normal'
import type { Posterior } from '../judge/posterior'
import { yards } from '../units'
import { lineWidth, nearLine } from './near-limit'
import { difference, judgeGap, likeliest, zoneChances, type GapSide, type GapContext } from './gap'
import type { ClubId } from '../model/ids'
import { type StockRule, STOCK_RULES } from '../model/stock-rule'

/** A normal stock on a grid of `points`. */
function stock(meanYd: number, sdYd: number, points = 161): Posterior {
  const meanM = yards(meanYd)
  const sdM = yards(sdYd)
  const everyM = (12 * sdM) / (points - 1)
  const fromM = meanM - 6 * sdM
  const mass = Float64Array.from({ length: points }, (_, j) =>
    Math.exp(-(((fromM + j * everyM - meanM) / sdM) ** 2) / 2),
  )
  const total = mass.reduce((sum, each) => sum + each, 0)
  const below = new Float64Array(points)
  let sum = 0
  mass.forEach((each, j) => {
    mass[j] = each / total
    sum += each / total
    below[j] = sum
  })
  return { fromM, everyM, mass, below, meanM, varianceM2: sdM ** 2 }
}
const IRONS = { reversed: 0, tooClose: yards(7), tooWide: yards(15) }
const side = (clubId: string, posterior: Posterior, count = 6): GapSide => ({
  clubId: clubId as ClubId,
  count,
  posterior,
})
const BY_RULE = Object.fromEntries(STOCK_RULES.map((rule) => [rule, 10])) as Record<StockRule, number>
const judged = (
  size: number,
  sd: number,
  counts: number | [number, number] = 6,
  { scatter = 0.035, ...more }: Partial<GapContext & { scatter: number }> = {},
) => {
  const [longer, shorter] = [stock(140 + size, sd), stock(140, sd)]
  const [a, b] = typeof counts === 'number' ? [counts, counts] : counts
  return judgeGap(
    {
      striking: { scatter, missed: 0.15 },
      longer: side('a', longer, a),
      shorter: side('b', shorter, b),
      difference: difference(longer, shorter),
      limits: { zones: IRONS },
      absentLoftsDeg: [],
      between: [],
      shown: { longerM: yards(140 + size), shorterM: yards(140) },
      byStockRule: BY_RULE,
      ...more,
    },
    () => ({ outlook: 0.3, moreEach: 9, atMoreEach: 0.55, resting: false }),
  )
}

describe('the difference of two stocks', () => {
  it('of normal ones is normal: closed form, to a thousandth', () => {
    const gap = difference(stock(150, 2), stock(139, 1.5))
    const sd = Math.hypot(2, 1.5)
    for (const limit of [4, 7, 9, 11, 13, 15, 18])
      expect(gap.below(yards(limit))).toBeCloseTo(phi((limit - 11) / sd), 3)
  })

  it('quantiles invert it', () => {
    const gap = difference(stock(150, 2), stock(139, 1.5))
    for (const p of [0.05, 0.5, 0.95]) expect(gap.below(gap.at(p))).toBeCloseTo(p, 6)
  })

  it('is wider by what days add', () => {
    const gap = difference(stock(150, 2), stock(139, 1.5), { extraVarianceM2: yards(2) ** 2, movedM: [0] })
    const sd = Math.hypot(2, 1.5, 2)
    expect(gap.below(yards(7))).toBeCloseTo(phi(-4 / sd), 2)
    expect(gap.varianceM2).toBeCloseTo(yards(sd) ** 2, 6)
  })

  it('in stated air is the mean over where the drag crisis may lie: the mixture of three normal ones', () => {
    const moved = [-1, 0, 2]
    const gap = difference(stock(150, 2), stock(139, 1.5), { extraVarianceM2: 0, movedM: moved.map(yards) })
    const sd = Math.hypot(2, 1.5)
    for (const limit of [7, 11, 15]) {
      const mixed = moved.reduce((sum, each) => sum + phi((limit - 11 - each) / sd), 0) / 3
      expect(gap.below(yards(limit))).toBeCloseTo(mixed, 3)
    }
    expect(gap.meanM).toBeCloseTo(yards(11 + 1 / 3), 3)
    expect(gap.varianceM2).toBeCloseTo(yards(sd) ** 2 + yards(1) ** 2 * (14 / 9), 6)
    expect(gap.below(gap.at(0.95))).toBeCloseTo(0.95, 6)
  })

  it('a grid half as fine says the same', () => {
    const fine = difference(stock(150, 2, 161), stock(139, 1.5, 161))
    const coarse = difference(stock(150, 2, 81), stock(139, 1.5, 81))
    expect(Math.abs(fine.below(yards(8)) - coarse.below(yards(8)))).toBeLessThan(0.002)
  })

  it('turns over with its clubs', () => {
    const there = difference(stock(150, 2), stock(139, 1.5))
    const back = difference(stock(139, 1.5), stock(150, 2))
    expect(back.meanM).toBeCloseTo(-there.meanM, 9)
    expect(back.below(yards(-9))).toBeCloseTo(1 - there.below(yards(9)), 3)
  })
})

describe('zones', () => {
  it('are shared out whole', () => {
    const zones = zoneChances(difference(stock(149, 3), stock(140, 3)), IRONS)
    expect(Object.values(zones).reduce((sum, each) => sum + each, 0)).toBeCloseTo(1, 9)
    expect(likeliest(zones)).toBe('good')
  })
})

describe('a gap', () => {
  it('is settled from 90% on, with three shots each and seven together', () => {
    expect(judged(11, 1.5)).toMatchObject({ verdict: 'good', settled: true })
    expect(judged(11, 1.5, [3, 4])).toMatchObject({ verdict: 'good', settled: true })
    expect(judged(11, 1.5, 3)).toMatchObject({ verdict: 'good', settled: false })
    expect(judged(11, 1.5, [2, 9])).toMatchObject({ verdict: 'good', settled: false })
    expect(judged(17, 2)).toMatchObject({ verdict: 'too-wide', settled: false, moreEach: 9, outlook: 0.3 })
  })

  it('is borderline within 3 yd of a limit with 80%, and within 2% of a long stock', () => {
    const line = judged(15.3, 1.4)
    expect(line).toMatchObject({ verdict: 'borderline', settled: true })
    expect(line.lineM).toBeCloseTo(yards(15), 9)
    expect(lineWidth(yards(140))).toBeCloseTo(yards(3), 9)
    expect(lineWidth(yards(240))).toBeCloseTo(yards(4.8), 9)
    expect(nearLine(() => 0.5, IRONS, yards(140), 0.8)).toBeNull()
  })

  it('of two clubs that carry the same is level, whichever is a yard ahead', () => {
    for (const size of [-1, 0, 1]) {
      const gap = judged(size, 1.2)
      expect(gap).toMatchObject({ verdict: 'same-distance', settled: true })
      expect(gap).not.toHaveProperty('lineM')
      // P(|N(size, 1.2√2)| ≤ 3)
      const sd = 1.2 * Math.SQRT2
      expect(gap.probability).toBeCloseTo(phi((3 - size) / sd) - phi((-3 - size) / sd), 2)
    }
    expect(judged(1, 0.3)).toMatchObject({ verdict: 'same-distance' })
    expect(judged(0, 1.2, 3)).toMatchObject({ settled: false })
  })

  it('is narrow and not level where that is the surer', () => {
    expect(judged(4, 0.5)).toMatchObject({ verdict: 'too-close', settled: true })
    expect(judged(2.6, 0.4)).toMatchObject({ verdict: 'too-close', settled: true })
  })

  it('without limits of its rule is measured and not judged', () => {
    const gap = judged(11, 1.5, 6, { limits: { zones: null, lacks: 'pitching-wedge' } })
    expect(gap).toMatchObject({ verdict: 'not-judged', settled: false })
    expect(gap.gapM).toBeCloseTo(yards(11), 3)
    expect(gap.facts).toContainEqual({ kind: 'no-limits', lacks: 'pitching-wedge' })
    expect(gap).not.toHaveProperty('limitsM')
  })

  it('says beside its verdict what the lofts say: within its own interval, or not', () => {
    const lofts = (expectedYd: number) =>
      judged(30, 2, 6, { absentLoftsDeg: [51], byLoft: { deg: 10, expectedM: yards(expectedYd) } })
    expect(lofts(29)).toMatchObject({ verdict: 'too-wide', settled: true, absentClubs: 1, asLoftSays: true })
    expect(lofts(20)).toMatchObject({ verdict: 'too-wide', asLoftSays: false })
    expect(lofts(29).facts).toContainEqual({ kind: 'absent', loftsDeg: [51] })
  })

  it('carries its facts: what it lacks, who leaves it open', () => {
    const kinds = (gap: ReturnType<typeof judged>) => gap.facts.map(({ kind }) => kind)
    expect(kinds(judged(11, 1.5))).toEqual(['chance', 'least-sure'])
    expect(kinds(judged(11, 1.5, 2))).toEqual(['chance', 'too-few', 'too-few', 'least-sure'])
    expect(judged(11, 1.5, [3, 2]).facts).toContainEqual({
      kind: 'too-few',
      clubId: 'b',
      count: 2,
      wanted: 4,
    })
    expect(kinds(judged(17, 2))).toEqual(['chance', 'would-settle', 'least-sure'])
    expect(kinds(judged(15.3, 1.4))).toEqual(['line', 'chance'])
  })
})

it('of a wild hitter says that the spread keeps it open; of others it does not', () => {
  const why = (scatter: number) =>
    judged(14, 5, 6, { scatter }).facts.filter(({ kind }) => kind === 'scatter')
  expect(why(0.06)).toEqual([{ kind: 'scatter', share: 0.06 }])
  expect(why(0.04)).toEqual([])
})

it('of a wild hitter must be surer: what settles another’s gap leaves this one likely', () => {
  const steady = judged(19, 2)
  const wild = judged(19, 2, 6, { scatter: 0.06 })
  expect(steady.settled).toBe(true)
  expect(steady.probability).toBeLessThan(0.95)
  expect(wild.settled).toBe(false)
  expect(wild.probability).toBe(steady.probability)
})
