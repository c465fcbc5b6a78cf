import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import type { Golfer } from '@/core/model/golfer'
import { demandIn } from '@/core/rounds/demand'
import { type Demand } from '@/core/gaps/demand'
import type { Round } from '@/core/rounds/round'
import type { Database } from '@/store/database'
import { roundsOf } from '@/store/rounds'

/** What a golfer was asked for on the course in the last twelve months, as far as the bag reaches. */
export function demandOf(
  db: Database,
  golfer: Golfer,
  { stocks }: Pick<BagAnalysis, 'stocks'>,
  nowMs: number,
  rounds: readonly Round[] = roundsOf(db, golfer.id),
): Demand {
  const longestM = Math.max(0, ...stocks.flatMap(({ carryM }) => carryM ?? []))
  return demandIn(rounds, nowMs, longestM)
}
