import { refitClubs, type Bag, type OwnedClub } from '@/core/bag/bag'
import { changeBetween, type ClubChange } from '@/core/bag/club-set-up'
import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { gapRules, type Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { sdOf } from '@/core/math/z90'
import { cameOf, expectedAfter, type CameOf, type ExpectedCarry } from '@/core/refit/after-change'
import { paperBag } from '@/core/refit/paper-bag'
import { atStation, fullSwingOf } from '@/core/model/station'
import type { ExpectedStock } from '@/core/stock/expected-stock'
import { isHit, isOfShots, type HitStock, type Stock } from '@/core/stock/stock'
import { STOCK_AGE_MS } from '@/store/bag-input'

/** A club that was changed in the last twelve months, with what it carried before and what it should carry since. */
export type ChangedClub = {
  clubId: ClubId
  sinceMs: number
  change: ClubChange
  /** Its stock when it was changed; absent where it had none. */
  before?: Pick<HitStock, 'carryM' | 'lowM' | 'highM' | 'count'>
  expected?: ExpectedCarry
  /** The same of each of its swings that was hit before, the full one among them. */
  swings: ExpectedStock[]
  /** What the change would have left as it was; absent where it was to move no carry. */
  unchanged?: ExpectedCarry
}

type BagThen = { bag: Bag; analysis: BagAnalysis }

/**
 * The clubs of a bag that were changed, each beside the bag as it was just before.
 * @param asItWas the bag with what its shots said just before a moment
 */
export function changedClubs(
  golfer: Golfer,
  bag: Bag,
  nowMs: number,
  asItWas: (untilMs: number) => BagThen | null,
): ChangedClub[] {
  const changed = bag.clubs.filter(({ sinceMs }) => sinceMs > Math.max(0, nowMs - STOCK_AGE_MS))
  return changed.flatMap((club): ChangedClub[] => {
    const then = asItWas(club.sinceMs)
    const was = then && [...then.bag.clubs, ...then.bag.rack].find(({ id }) => id === club.id)
    const change = was && changeBetween(was, club)
    if (!then || !change) return []
    const stock = atStation(then.analysis.stocks, fullSwingOf(club.id))
    const fields = { clubId: club.id, sinceMs: club.sinceMs, change, swings: [] }
    if (!isHit(stock)) return [fields]
    const { carryM, lowM, highM, count } = stock
    const swings = expectedOf(club, stock, change, then, golfer)
    const expected = atStation(swings, fullSwingOf(club.id))
    const moves = change.degrees !== undefined || change.longerM !== undefined
    return [
      {
        ...fields,
        before: { carryM, lowM, highM, count },
        ...(expected && { expected }),
        swings,
        ...(moves && { unchanged: { carryM, sdM: sdOf(stock.model) } }),
      },
    ]
  })
}

function expectedOf(
  { id, kind }: OwnedClub,
  stock: HitStock,
  change: ClubChange,
  { bag, analysis }: BagThen,
  golfer: Golfer,
): ExpectedStock[] {
  const paper = paperBag({
    clubs: refitClubs(bag).clubs,
    analysis,
    rules: gapRules(golfer),
  }).clubs.find(({ club }) => club.id === id)
  if (!paper) return []
  // A degree is worth less to a shorter swing, by as much as it is shorter.
  return analysis.stocks
    .filter(({ clubId }) => clubId === id)
    .flatMap((its): ExpectedStock[] => {
      if (!isHit(its)) return []
      const share = its.carryM / stock.carryM
      const { mPerDeg, sdMPerDeg } = paper.perDegree
      const perDegree = { mPerDeg: share * mPerDeg, sdMPerDeg: share * sdMPerDeg }
      const before = { kind, carryM: its.carryM, varianceM2: sdOf(its.model) ** 2, perDegree }
      return [{ clubId: id, swing: its.swing, ...expectedAfter(before, change) }]
    })
}

/** A change with what came of it. */
export type ChangeSeen = ChangedClub & {
  since?: Pick<HitStock, 'carryM' | 'lowM' | 'highM' | 'count'>
  /** Good shots since, where they are too few to replace what is expected. */
  shotsSince?: number
  came?: CameOf
}

/** What came of each change, by the stocks since. */
export const changesSeen = (changed: readonly ChangedClub[], stocks: readonly Stock[]): ChangeSeen[] =>
  changed.map((each) => {
    const stock = atStation(stocks, fullSwingOf(each.clubId))
    if (!isOfShots(stock)) return stock && stock.count > 0 ? { ...each, shotsSince: stock.count } : each
    const { carryM, lowM, highM, count, sdM } = stock
    const since = { carryM, lowM, highM, count }
    return each.expected === undefined || sdM === undefined
      ? { ...each, since }
      : {
          ...each,
          since,
          came: cameOf(each.expected, { carryM, sdM: sdM / Math.sqrt(count) }, each.unchanged ?? null),
        }
  })
