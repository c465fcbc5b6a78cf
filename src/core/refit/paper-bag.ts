import type { BagAnalysis, Rules } from '../analysis/bag-analysis'
import { measuredLaunch } from '../flight/measured-launch'
import { airOfStock, ordinaryRun } from '../stock/station-run'
import { gapKey } from '../gaps/gap-clubs'
import { carryDifference, isMeasured } from '../gaps/gap'
import { chosenGapRule, type GapRuleWithLimits } from '../gaps/zones'
import type { ClubId } from '../model/ids'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf, isWholeSwing } from '../model/station'
import { isHit, type HitStock, type Stock } from '../stock/stock'
import { perDegree, type PerDegree, type HitClubCarry } from './per-degree'
import type { RefitClub } from '../bag/bag'

/** A club of a bag on paper: as it was measured, and what was changed of it. */
export type PaperClub = {
  club: RefitClub
  /** Its stock on paper, in metres; null where it was not hit. */
  carryM: number | null
  /** The carry of a club that was not hit, estimated from the others; absent where it cannot be. */
  expectedM?: number
  /** What it runs on normal ground; null where nothing says it. */
  runM: number | null
  /** The stock that the tables show, by the golfer's rule, is longer by this than the one that chances are worked out with. */
  shownByM: number
  /** Variance of the stock as it was measured. */
  varianceM2: number
  count: number
  perDegree: PerDegree
  /** Bent, or turned, by so many degrees; weaker positive. */
  movedDeg: number
  /** Standard deviation of what is only estimated: another loft, a club that was never hit. */
  supposedSdM: number
}

/** A bag on paper. Longest club first, without the putter. */
export type PaperBag = {
  clubs: PaperClub[]
  /** Clubs that are not in the bag, with their own stocks. */
  rack: PaperClub[]
  /** Variance of the gaps between clubs as they were measured side by side, by both names. */
  gapVarianceM2: ReadonlyMap<string, number>
  gapRule: GapRuleWithLimits
  /** Stocks of other swings, which cover numbers and make no gap. */
  others: { clubId: ClubId; carryM: number }[]
  /** Gaps that the golfer keeps as they are, by both names. */
  left: ReadonlySet<string>
  /** Distances that were left to the target in the golfer's rounds, rising; absent before there are rounds. */
  demandM?: readonly number[]
}

/** What a bag on paper is made of. */
export type PaperInput = {
  /** The bag, longest first, putter and all. */
  clubs: readonly RefitClub[]
  /** Clubs that are not in it, and their stocks. */
  rack?: readonly RefitClub[]
  rackStocks?: readonly Stock[]
  /** What the shots of the bag say. */
  analysis: Pick<BagAnalysis, 'stocks' | 'gaps'>
  rules?: Pick<Rules, 'gapRule' | 'zonesM'>
  /** Distances that were left to the target in the golfer's rounds. */
  demandM?: readonly number[]
}

/** The bag on paper as it is: stocks and gaps with what is known of them. Metres. Pure: the input is unchanged. */
export function paperBag({
  clubs,
  rack = [],
  analysis,
  rackStocks = [],
  rules = {},
  demandM,
}: PaperInput): PaperBag {
  const bag = clubs.filter(({ kind }) => kind !== 'putter').toSorted((a, b) => a.order - b.order)
  const stockOf = (id: ClubId) => atStation(analysis.stocks, fullSwingOf(id))
  const indexes = carriesByGaps(bag, analysis)
  const hitClubs = bag.flatMap((club): HitClubCarry[] => {
    const [stock, carryM] = [stockOf(club.id), indexes.get(club.id)]
    return isHit(stock) && carryM !== undefined ? [hitClubCarry(club, stock, carryM)] : []
  })
  const onPaper = (club: RefitClub, stock: Stock | undefined, own: HitClubCarry | undefined): PaperClub => ({
    club,
    carryM: own?.carryM ?? null,
    ...(!own && stock?.foreseen && { expectedM: stock.foreseen.carryM }),
    runM: isHit(stock) ? (ordinaryRun(stock)?.runM ?? null) : null,
    shownByM: own && isHit(stock) ? stock.carryM - own.carryM : 0,
    varianceM2: own?.varianceM2 ?? 0,
    count: stock?.count ?? 0,
    perDegree: own ? perDegree(own, hitClubs) : { mPerDeg: 0, sdMPerDeg: 0 },
    movedDeg: 0,
    supposedSdM: 0,
  })
  const gaps = analysis.gaps.filter(isMeasured)
  return {
    clubs: bag.map((club) =>
      onPaper(
        club,
        stockOf(club.id),
        hitClubs.find((each) => each.club === club),
      ),
    ),
    rack: rack
      .filter(({ kind }) => kind !== 'putter')
      .map((club) => {
        const stock = atStation(rackStocks, fullSwingOf(club.id))
        return onPaper(club, stock, isHit(stock) ? hitClubCarry(club, stock, stock.model.carryM) : undefined)
      }),
    gapVarianceM2: new Map(gaps.map((gap) => [gapKey(gap), sdOf(gap) ** 2])),
    gapRule: chosenGapRule(rules),
    others: analysis.stocks.flatMap(({ clubId, swing, carryM }) =>
      isWholeSwing(swing) || carryM === undefined ? [] : [{ clubId, carryM }],
    ),
    left: new Set(analysis.gaps.flatMap((gap) => (gap.leftOnPurpose === undefined ? [] : [gapKey(gap)]))),
    ...(demandM && demandM.length > 0 && { demandM }),
  }
}

const hitClubCarry = (club: RefitClub, stock: HitStock, carryM: number): HitClubCarry => {
  const launch = measuredLaunch(stock.averages)
  const { lowM, highM } = stock.model
  return {
    club,
    carryM,
    varianceM2: sdOf({ lowM, highM }) ** 2,
    ...(launch && { launch }),
    air: airOfStock(stock),
  }
}

/** The carries of the hit clubs, so that their gaps are those that Gaps shows: one number for one gap. */
function carriesByGaps(
  bag: readonly RefitClub[],
  { stocks, gaps }: Pick<BagAnalysis, 'stocks' | 'gaps'>,
): Map<ClubId, number> {
  const indexes = new Map<ClubId, number>()
  const between = gaps.filter(isMeasured)
  let last: { id: ClubId; carryM: number } | null = null
  for (const { id } of bag) {
    const stock = atStation(stocks, fullSwingOf(id))
    if (!isHit(stock)) continue
    const before: { id: ClubId; carryM: number } | null = last
    const gap =
      before && between.find(({ longerId, shorterId }) => longerId === before.id && shorterId === id)
    const carryM: number = before && gap ? before.carryM - carryDifference(gap) : stock.model.carryM
    indexes.set(id, carryM)
    last = { id, carryM }
  }
  return indexes
}
