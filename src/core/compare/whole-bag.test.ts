import { expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { compareCarries, type Comparison } from './compare'
import { withinBag } from './whole-bag'

const with_ = (probability: number): Comparison => ({
  differenceM: 1,
  lowM: 0,
  highM: 2,
  probability,
  word: probability >= 0.97 || probability <= 0.03 ? 'real' : 'open',
})

// Worked by hand after Benjamini & Hochberg 1995: sorted two-sided chances against 0.1·i/m.
it('keeps 0.001 and 0.03 of four, and not 0.06: 0.025, 0.05, 0.075, 0.1 are the steps', () => {
  const { found, byChance } = withinBag([with_(0.9995), with_(0.015), with_(0.6), null, with_(0.5)])
  expect(found.map((each) => each?.word)).toEqual(['real', 'real', 'open', undefined, 'open'])
  expect(byChance).toBe(0)
})

it('one of twelve that looks changed by itself is open, and counted', () => {
  const { found, byChance } = withinBag([with_(0.985), ...Array.from({ length: 11 }, () => with_(0.4))])
  expect(found[0]!.word).toBe('open')
  expect(byChance).toBe(1)
})

it('of bags of twelve clubs in which nothing changed at most one in ten is called changed (seed 8)', () => {
  const roll = dice(8)
  const bags = 400
  let changed = 0
  for (let i = 0; i < bags; i++) {
    const carries = () => Array.from({ length: 5 }, () => 140 * (1 + 0.035 * roll.normal(0, 1)))
    const found = Array.from({ length: 12 }, () => compareCarries(carries(), carries(), true))
    if (withinBag(found).found.some(({ word }) => word === 'real')) changed++
  }
  expect(changed / bags).toBeLessThanOrEqual(0.1)
})
