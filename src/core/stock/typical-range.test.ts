import { expect, it } from 'vitest'
import { around, goodBag, hit, SIX } from '../../../tests/shots'
import { analyseBag } from '../analyse-bag'
import { quantile } from '../math/quantile'
import { isHit, type HitStock } from './stock'

const stockOf = (shots: Parameters<typeof analyseBag>[0]['shots'], id = '7-iron') => {
  const stock = analyseBag({ clubs: SIX, shots }).stocks.find(({ clubId }) => clubId === id)
  if (!isHit(stock)) throw new Error('it was hit')
  return stock
}
const width = ([low, high]: HitStock['reachM']) => high - low

it('the typical range of three shots is wider than what is known of their mean, and of one shot there is one too', () => {
  const rest = goodBag(8).filter(({ clubId }) => clubId !== '7-iron')
  const three = stockOf([...rest, ...hit('7-iron', [160, 160.2, 159.9])])
  expect(width(three.reachM)).toBeGreaterThan(three.model.highM - three.model.lowM)
  expect(width(stockOf([...rest, ...hit('7-iron', [160])]).reachM)).toBeGreaterThan(5)
})

it('from forty shots on it is their own 10th and 90th percentile, and does not jump on the way', () => {
  const carries = (count: number) => around(160, count).map((carry, i) => carry * (1 + 0.002 * (i % 7)))
  const of = (count: number) => stockOf(hit('7-iron', carries(count)))
  const many = of(45)
  const metres = carries(45).map((carry) => carry * 0.9144)
  expect(many.reachM[0]).toBeCloseTo(quantile(metres, 0.1), 6)
  expect(many.reachM[1]).toBeCloseTo(quantile(metres, 0.9), 6)
  const widths = Array.from({ length: 8 }, (_, i) => width(of(18 + 3 * i).reachM))
  widths.slice(1).forEach((each, i) => expect(Math.abs(each / widths[i]! - 1)).toBeLessThan(0.15))
})
