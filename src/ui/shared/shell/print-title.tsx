'use client'

import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import { day } from '@/text/days'
import { RULE_NAME, GAP_RULE_NAME, gapRuleOf } from '@/text/names'
import { count } from '@/text/numbers'
import { statedAir } from '@/text/set-up'
import { useNow } from '../use-now'

type Props = {
  golfer: Golfer
  bag: Bag
  /** Those whose solid shots stand behind the page. */
  stocks: readonly { count: number }[]
  what: string
  /** The air of its numbers, where it is not that in which the golfer compares. */
  air?: string
}

/** The title block of a page on paper: whose it is, and what its numbers stand for. */
export function PrintTitle({ golfer, bag, stocks, what, air }: Props) {
  const now = useNow(60_000)
  const solid = stocks.reduce((sum, stock) => sum + stock.count, 0)
  return (
    <table className="print-title print-only">
      <tbody>
        <tr>
          <th>{golfer.name}</th>
          <td>{bag.name}</td>
          <td>{what}</td>
          <td>{now === null ? '' : day(now)}</td>
        </tr>
        <tr>
          <td>{RULE_NAME[golfer.stockRule]}; ± is a 90% interval</td>
          <td>good gaps {GAP_RULE_NAME[gapRuleOf(golfer)]}</td>
          <td>{air ?? (golfer.compareIn === 'reference' ? statedAir(golfer) : 'as measured')}</td>
          <td>{count(solid, 'good shot')}</td>
        </tr>
      </tbody>
    </table>
  )
}
