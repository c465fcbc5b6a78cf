import { expect, it } from 'vitest'
import { partialPrior } from './partial-share'

const stock = (meanM: number, sdM = 1) => ({ meanM, varianceM2: sdM ** 2 })

it('a three-quarter swing is supposed at nine tenths of the full one (common practice)', () => {
  const prior = partialPrior('three-quarter', stock(100), [])!
  expect(prior.carryM).toBeCloseTo(90, 10)
  expect(Math.sqrt(prior.varianceM2)).toBeGreaterThan(6)
})

it('the golfer’s own shares on other clubs weigh more than the usual one, and say more surely', () => {
  const others = [0.85, 0.84, 0.86].map((share) => ({ full: stock(110), partial: stock(110 * share) }))
  const prior = partialPrior('three-quarter', stock(100), others)!
  expect(prior.carryM).toBeGreaterThan(84.8)
  expect(prior.carryM).toBeLessThan(86.5)
  expect(prior.varianceM2).toBeLessThan(partialPrior('three-quarter', stock(100), [])!.varianceM2 / 2)
})

it('a swing of the golfer’s own has no usual share', () => {
  expect(partialPrior('knockdown', stock(100), [])).toBeNull()
  const other = { full: stock(110), partial: stock(77) }
  expect(partialPrior('knockdown', stock(100), [other])!.carryM).toBeCloseTo(70, 10)
})
