import { Z90 } from '../math/z90'
import { phi } from '../math/normal'
import { posteriorOf, type Posterior } from '../judge/posterior'
import type { Station } from '../model/station'
import { STOCK_RULES } from '../model/stock-rule'
import { isHit, type HitStock, type Stock } from './stock'

/** What a station of a changed club should carry, in metres, with one standard deviation. */
export type ExpectedStock = Station & { carryM: number; sdM: number }

/** So many good shots since the change replace what is expected of a club. */
export const FEWEST_SINCE = 3
/** The middle 8 of 10 of a normal quantity lie within so many standard deviations. */
const Z80 = 1.2816

/**
 * The stock of a club that was changed, until three good shots replace what is expected of it: with fewer it is what the
 * expectation and they say together.
 * @param shotShare how one good shot scatters, as a share of its carry
 */
export function expectedStock(stock: Stock, expected: ExpectedStock, shotShare: number): Stock {
  if (stock.count >= FEWEST_SINCE) return stock
  const { carryM, lowM, highM } = isHit(stock)
    ? stock.model
    : {
        carryM: expected.carryM,
        lowM: expected.carryM - Z90 * expected.sdM,
        highM: expected.carryM + Z90 * expected.sdM,
      }
  const reach = Z80 * Math.hypot((highM - lowM) / 2 / Z90, shotShare * carryM)
  const { odd: _odd, ...own } = isHit(stock) ? stock : { ...stock, shortestM: lowM, averages: {} }
  return {
    ...own,
    carryM,
    lowM,
    highM,
    model: { carryM, lowM, highM },
    reachM: [carryM - reach, carryM + reach],
    byStockRule: Object.fromEntries(STOCK_RULES.map((rule) => [rule, carryM])) as HitStock['byStockRule'],
    isExpected: true,
  }
}

const POINTS = 241

/** What is expected of a station as a distribution, where it has no shot of its own. */
export function expectedPosterior({ carryM, sdM }: ExpectedStock): Posterior {
  const everyM = (10 * sdM) / (POINTS - 1)
  const fromM = carryM - 5 * sdM
  const mass = Float64Array.from({ length: POINTS }, (_, i) => {
    const z = (fromM + i * everyM - carryM) / sdM
    const half = everyM / sdM / 2
    return phi(z + half) - phi(z - half)
  })
  const total = mass.reduce((sum, each) => sum + each, 0)
  return posteriorOf(
    mass.map((each) => each / total),
    1,
    fromM,
    everyM,
  )
}
