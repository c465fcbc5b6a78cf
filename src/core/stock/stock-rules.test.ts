import { expect, it } from 'vitest'
import { stockByRule } from './stock-rules'

it('gives every rule of five carries', () => {
  const carries = [171.2, 174.8, 176, 169.4, 173.6]
  const byStockRule = stockByRule(carries, carries)
  expect(byStockRule['mean-solid']).toBeCloseTo(173, 10)
  expect(byStockRule['median-solid']).toBe(173.6)
  expect(byStockRule['best-n-of-m']).toBeCloseTo(174.8, 10)
  expect(byStockRule['mean-all']).toBeCloseTo(173, 10)
  expect(byStockRule.reliable).toBeCloseTo(169.4 + 0.8 * (171.2 - 169.4), 10)
})

it('lets the bad ones count only in the mean of all', () => {
  const solid = [163.4, 159.2, 161, 164.6]
  const byStockRule = stockByRule(solid, [...solid, 96.8])
  expect(byStockRule['mean-solid']).toBeCloseTo(162.05, 10)
  expect(byStockRule['mean-all']).toBeCloseTo(149, 10)
})

it('keeps six typed 150.0 at 150.0', () => {
  const carries = Array.from({ length: 6 }, () => 150)
  expect(new Set(Object.values(stockByRule(carries, carries)))).toEqual(new Set([150]))
})
