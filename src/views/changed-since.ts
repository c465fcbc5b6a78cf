import type { Bag } from '@/core/bag/bag'
import type { Golfer } from '@/core/model/golfer'
import type { HitStock } from '@/core/stock/stock'
import { gapsSince, stocksSince, type ChangedSince } from '@/core/coach/changed-since'
import { comparingAir } from '@/store/bag-input'
import type { Database } from '@/store/database'
import { bagAnalysis, comparedBag, judgedTogether, type JudgedShots } from './bag-analysis'
import { sideOf, withSessions } from './compare-sides'

/** What is otherwise with a golfer's bag than at a moment before. */
export function changedSince(
  db: Database,
  golfer: Golfer,
  bag: Bag,
  sinceMs: number,
  nowMs: number,
): ChangedSince {
  const inAir = comparingAir(golfer)
  const before = bagAnalysis(db, golfer, sinceMs, inAir, { asItWas: true })
  const now = comparedBag(db, golfer, nowMs)
  if (!before || !now) return { sinceMs, stocks: [], gaps: [] }
  const since = judgedTogether(db, golfer, bag, nowMs, inAir, { sinceMs })
  const sides = ({ shots }: Pick<JudgedShots, 'shots'>, stocks: JudgedShots['stocks']) => {
    const data = { ...withSessions(db, shots), stocks }
    return (stock: HitStock) => sideOf(stock, data)
  }
  const { stocks } = before.analysis
  return {
    sinceMs,
    stocks: stocksSince(
      stocks,
      since.stocks,
      { before: sides(before, stocks), since: sides(since, since.stocks) },
      golfer.lengthUnit,
    ),
    gaps: gapsSince(before.analysis.gaps, now.analysis.gaps),
  }
}
