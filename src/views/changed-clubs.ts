import { refitClubs, type Bag, type OwnedClub } from '@/core/bag/bag'
import { changeBetween, type ClubChange } from '@/core/bag/club-set-up'
import type { BagAnalysis } from '@/core/analyse-bag'
import { schoolRules, type Golfer } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import { sdOf } from '@/core/math/z90'
import { cameOf, expectedAfter, type CameOf, type ExpectedCarry } from '@/core/refit/after-change'
import { paperBag } from '@/core/refit/refit'
import { atStation, fullSwingOf } from '@/core/station'
import { isHit, type HitStock, type Stock } from '@/core/stock/stock'
import { STOCK_AGE_MS } from '@/store/bag-input'

/** A club that was changed in the last twelve months, with what it carried before and what it should carry since. */
export type ChangedClub = {
  clubId: ClubId
  sinceMs: number
  change: ClubChange
  /** Its stock when it was changed; absent where it had none. */
  before?: Pick<HitStock, 'carryM' | 'lowM' | 'highM' | 'count'>
  expected?: ExpectedCarry
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
    const said = { clubId: club.id, sinceMs: club.sinceMs, change }
    if (!isHit(stock)) return [said]
    const { carryM, lowM, highM, count } = stock
    const expected = expectedOf(club, stock, change, then, golfer)
    return [{ ...said, before: { carryM, lowM, highM, count }, ...(expected && { expected }) }]
  })
}

function expectedOf(
  { id, kind }: OwnedClub,
  stock: HitStock,
  change: ClubChange,
  { bag, analysis }: BagThen,
  golfer: Golfer,
): ExpectedCarry | null {
  const paper = paperBag({
    clubs: refitClubs(bag).clubs,
    analysis,
    days: new Map(),
    rules: schoolRules(golfer),
  }).clubs.find(({ club }) => club.id === id)
  if (!paper) return null
  return expectedAfter(
    { kind, carryM: stock.carryM, varianceM2: sdOf(stock.model) ** 2, perDegree: paper.perDegree },
    change,
  )
}

/** A change with what came of it. */
export type ChangeSeen = ChangedClub & {
  since?: Pick<HitStock, 'carryM' | 'lowM' | 'highM' | 'count'>
  came?: CameOf
}

/** What came of each change, by the stocks since. */
export const changesSeen = (changed: readonly ChangedClub[], stocks: readonly Stock[]): ChangeSeen[] =>
  changed.map((each) => {
    const stock = atStation(stocks, fullSwingOf(each.clubId))
    if (!isHit(stock)) return each
    const { carryM, lowM, highM, count, sdM } = stock
    const since = { carryM, lowM, highM, count }
    return each.expected === undefined || sdM === undefined
      ? { ...each, since }
      : { ...each, since, came: cameOf(each.expected, { carryM, sdM: sdM / Math.sqrt(count), count }) }
  })
