import { expect, it } from 'vitest'
import { dice } from '../../../simulators/golfers/dice'
import { analyseTrial, oneDay, seedOfTrial } from '../../../bench/judgement/trial'
import { USUAL } from '../../../bench/judgement/worlds'
import { isHit } from './stock'

it('no stock that is shown lies at the end of its interval without a sentence (40 bags of 3, 5 and 8 shots, seed 12)', () => {
  let stocks = 0
  let odd = 0
  for (let g = 0; g < 40; g++) {
    const trial = oneDay(USUAL, [3, 5, 8][g % 3]!, 'club after club', dice(seedOfTrial(12, g, 1)))
    for (const stock of analyseTrial(trial).stocks) {
      if (!isHit(stock)) continue
      stocks++
      if (stock.odd) odd++
      const room = Math.min(stock.carryM - stock.lowM, stock.highM - stock.carryM)
      expect(stock.odd !== undefined || room >= 0.05 * (stock.highM - stock.lowM)).toBe(true)
      // What the sentence names lies on the side that it names.
      if (stock.odd) expect(stock.odd.estimateM > stock.carryM).toBe(stock.odd.is === 'short')
    }
  }
  expect(stocks).toBeGreaterThan(400)
  expect(odd).toBeGreaterThan(0)
})
