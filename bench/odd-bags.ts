import { analyseBag } from '@/core/analyse-bag'
import { finite, oddBag } from '../tests/odd-bag'

const BAGS = 10_000

/** Odd clubs and odd shots: neither an exception nor a number that JSON cannot hold. */
export function oddBags(): string[] {
  let stocks = 0
  for (let seed = 1; seed <= BAGS; seed++) {
    const analysis = analyseBag(oddBag(seed))
    JSON.stringify(analysis, finite)
    stocks += analysis.stocks.filter(({ carryM }) => carryM !== undefined).length
  }
  return [
    `${BAGS.toLocaleString('en')} bags (seeds 1 to ${BAGS}), ${stocks.toLocaleString('en')} stocks: no exception, no NaN`,
  ]
}
