import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import { describe, expect, it } from 'vitest'
import { hit, read, SIX } from '../../../tests/shots'
import { firstPass } from './first-pass'
import type { Shot } from '../shots/shot'
import { lengthIn, yards } from '../units'
import { sample } from '../math/sample'
import { pooledSpread } from './spread'
import { belowIn, stockAt } from './posterior'
import { NO_LINES } from './lines-of-bag'
import { stockPosterior, type Prior } from './stock-posterior'
import { StrikeLikelihood } from './strike-likelihood'

const GOOD = [171.2, 174.8, 176, 169.4, 173.6, 172.1, 174.4, 170.8, 175.2, 172.9]

function judge(shots: Shot[], prior: Prior | null = null) {
  const { readings } = read(SIX, shots)
  const weights = firstPass(readings, new Set())
  const spread = pooledSpread([readings], weights)
  const evidence = {
    readings,
    weights,
    excluded: new Set<number>(),
    likelihood: new StrikeLikelihood(spread),
    prior,
    lines: NO_LINES,
    partial: false,
  }
  const rough = stockPosterior(evidence, null)!
  return { ...stockPosterior(evidence, rough.posterior)!, spread }
}
const yd = (metres: number) => lengthIn(metres, 'yd')

describe('a stock without a prior', () => {
  it('of clean shots lies at their mean, within a quarter of a yard', () => {
    const { posterior } = judge(hit('7-iron', GOOD))
    expect(Math.abs(yd(posterior.meanM) - sample(GOOD).mean)).toBeLessThan(0.4)
  })

  it('has an interval between those that Student’s t gives with its own and with the pooled spread', () => {
    const { posterior, spread } = judge(hit('7-iron', GOOD))
    const half = (stockAt(posterior, 0.95) - stockAt(posterior, 0.05)) / 2
    const student = (sdM: number, df: number) => (tQuantile(0.95, df) * sdM) / Math.sqrt(GOOD.length)
    expect(half).toBeGreaterThan(student(yards(sample(GOOD).sd), 9))
    expect(half).toBeLessThan(student(spread.carry * posterior.meanM, 19))
  })

  it('is not moved by one fat shot among five', () => {
    const clean = judge(hit('7-iron', GOOD.slice(0, 4)))
    const fat = judge(hit('7-iron', [...GOOD.slice(0, 4), 118]))
    expect(Math.abs(yd(fat.posterior.meanM - clean.posterior.meanM))).toBeLessThan(1.5)
    expect(fat.good.get(4)).toBeLessThan(0.1)
  })

  it('is moved whole by a scale: carries a tenth longer make a stock a tenth longer', () => {
    const one = judge(hit('7-iron', GOOD)).posterior.meanM
    const longer = judge(
      hit(
        '7-iron',
        GOOD.map((carry) => 1.1 * carry),
      ),
    ).posterior.meanM
    expect(longer / one).toBeCloseTo(1.1, 4)
  })
})

describe('a prior', () => {
  const prior = { carryM: yards(165), varianceM2: yards(4) ** 2 }

  it('draws three shots by a yard or two, and ten hardly', () => {
    const three = judge(hit('7-iron', GOOD.slice(0, 3)), prior).posterior.meanM
    const ten = judge(hit('7-iron', GOOD), prior).posterior.meanM
    const free = judge(hit('7-iron', GOOD.slice(0, 3))).posterior.meanM
    expect(yd(free - three)).toBeGreaterThan(0.5)
    expect(yd(free - three)).toBeLessThan(4)
    expect(yd(judge(hit('7-iron', GOOD)).posterior.meanM - ten)).toBeLessThan(1.2)
  })

  it('that is far off is given up', () => {
    const far = { carryM: yards(120), varianceM2: yards(3) ** 2 }
    expect(Math.abs(yd(judge(hit('7-iron', GOOD), far).posterior.meanM) - 173)).toBeLessThan(1.5)
  })
})

it('quantiles and probabilities are two ways to say the same', () => {
  const { posterior } = judge(hit('7-iron', GOOD))
  for (const p of [0.05, 0.3, 0.5, 0.77, 0.95])
    expect(belowIn(posterior, stockAt(posterior, p))).toBeCloseTo(p, 6)
})

it('no shot says nothing', () => {
  const { readings } = read(SIX, hit('7-iron', [150], { mark: 'fat' }))
  const weights = new Float64Array(1)
  const spread = pooledSpread([readings], weights)
  const evidence = {
    readings,
    weights,
    excluded: new Set<number>(),
    likelihood: new StrikeLikelihood(spread),
    prior: null,
    lines: NO_LINES,
    partial: false,
  }
  expect(stockPosterior(evidence, null)).toBeNull()
})
