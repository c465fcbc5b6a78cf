import { compare, type Comparison, type ComparedStock } from '../compare/compare'
import { withinBag } from '../compare/whole-bag'
import { isSameGap } from '../gaps/gap-clubs'
import { isJudged, type JudgedGap, type Gap } from '../gaps/gap'
import type { ClubId } from '../model/ids'
import { atStation, type Station } from '../model/station'
import { isOfShots, type HitStock, type Stock } from '../stock/stock'
import type { LengthUnit } from '../units'

/** A station as its shots had it at a moment, and as those hit since have it. */
export type StockSince = Station & { then: HitStock; since: HitStock; found: Comparison }
/** A gap whose verdict is another one than it was. */
export type GapSince = { longerId: ClubId; shorterId: ClubId; then: JudgedGap | null; now: JudgedGap }
/** What is otherwise than at a moment before. */
export type ChangedSince = { sinceMs: number; stocks: StockSince[]; gaps: GapSince[] }

const SURE_FIRST = ['real', 'open', 'none'] as const

/**
 * Stocks of the shots since against those of the shots before, the likely changes first: only what was hit since can say
 * that a stock has changed.
 * @param sideOf a stock as a side of a comparison, with its days
 */
export const stocksSince = (
  before: readonly Stock[],
  since: readonly Stock[],
  sideOf: { before: (stock: HitStock) => ComparedStock; since: (stock: HitStock) => ComparedStock },
  unit: LengthUnit,
): StockSince[] => {
  const each = since.flatMap((stock): StockSince[] => {
    const then = atStation(before, stock)
    if (!isOfShots(then) || !isOfShots(stock)) return []
    const found = compare(sideOf.before(then), sideOf.since(stock), unit)
    return [{ clubId: stock.clubId, swing: stock.swing, then, since: stock, found }]
  })
  const { found } = withinBag(each.map((one) => one.found))
  return each
    .map((one, i) => ({ ...one, found: found[i] ?? one.found }))
    .sort(
      (a, b) =>
        SURE_FIRST.indexOf(a.found.word) - SURE_FIRST.indexOf(b.found.word) ||
        Math.abs(b.found.differenceM) - Math.abs(a.found.differenceM),
    )
}

/** Gaps with another verdict, or another sureness of it, than before; those that were not judged before have none then. */
export const gapsSince = (before: readonly Gap[], now: readonly Gap[]): GapSince[] =>
  now.filter(isJudged).flatMap((gap): GapSince[] => {
    const { longerId, shorterId } = gap
    const old = before.find((each) => isSameGap(each, gap))
    const then = old && isJudged(old) ? old : null
    return then?.verdict === gap.verdict && then.settled === gap.settled
      ? []
      : [{ longerId, shorterId, then, now: gap }]
  })
