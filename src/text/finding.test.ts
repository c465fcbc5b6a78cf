import { expect, it } from 'vitest'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { finding } from './finding'

it('counts each club once, with however many swings it was hit', () => {
  const stocks = ['full', 'three-quarter', 'half'].map((swing, i) => ({
    ...{ clubId: 'wedge', swing, carryM: 90 - 10 * i, lowM: 80 - 10 * i, highM: 100 - 10 * i, count: 3 },
  }))
  const bag = { clubs: [], rack: [] } as unknown as Bag
  const analysis = { gaps: [], stocks } as unknown as BagAnalysis
  expect(finding(bag, analysis, { lengthUnit: 'yd' } as Golfer).sentence).toMatch(/^1 club hit so far/)
})
