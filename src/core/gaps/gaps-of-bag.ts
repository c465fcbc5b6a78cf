import type { Club } from '../bag/club'
import type { ClubId } from '../model/ids'
import { FULL_SWING, SWINGS, atStation, fullSwingOf, isWholeSwing } from '../model/station'
import { dayVariance } from '../judge/day-factors'
import { RUN_SD, type OrdinaryRun } from '../stock/station-run'
import type { BagModel, StationModel } from '../judge/judge-stations'
import { isHit, isOfShots, type HitStock, type Stock } from '../stock/stock'
import type { StationRestated } from '../stock/restated-station'
import { STOCK_RULES, type StockRule } from '../model/stock-rule'
import { partialPrior } from '../judge/partial-share'
import { absentLofts } from './absent-clubs'
import { beyondShots, type Recommendation } from './beyond-shots'
import { carryPerDegree } from './carry-per-degree'
import { isOfGap } from './gap-clubs'
import { nextShots, type NextShots } from './next-shots'
import { outlookOf, type Prospect } from './outlook'
import {
  addedVariance,
  difference,
  judgeGap,
  TOGETHER,
  unknownGap,
  type DifferenceSpread,
  type OnTotal,
  type Gap,
  type GapContext,
} from './gap'
import { limitsOfGaps, type GapRuleWithLimits } from './zones'

/** A club of the bag with its full swing as the model and as the stock table see it. */
type GapSide = { club: Club; model: StationModel | undefined; stock: Stock | undefined }

/** The golfer wants a gap as it is. */
export type GapKeptAsIs = { longerId: ClubId; shorterId: ClubId; because: string }

/** Two hit clubs with others between them that were not hit: their gap is shown, never judged. */
export type GapOverUnhit = {
  longerId: ClubId
  shorterId: ClubId
  unhit: ClubId[]
}

/** The gaps between neighbours of a bag, those over clubs not hit yet, and what to hit next for them. */
export function gapsOfBag(
  bag: readonly Club[],
  model: BagModel,
  stocks: readonly Stock[],
  {
    gapRule,
    left,
    restated,
    runOf,
  }: {
    gapRule: GapRuleWithLimits
    left: readonly GapKeptAsIs[]
    /** What restating does to the stock of a station; null where its shots stand in the air they were hit in. */
    restated: (station: StationModel) => StationRestated | null
    /** What a hit stock runs on normal ground; null where nothing says it. */
    runOf: (stock: HitStock) => OrdinaryRun | null
  },
): { gaps: Gap[]; overUnhit: GapOverUnhit[]; next: NextShots[]; recommendations: Recommendation[] } {
  const sides = bag.map((club): GapSide => ({
    club,
    model: model.stations.find((each) => each.club.id === club.id && each.swing === FULL_SWING),
    stock: atStation(stocks, fullSwingOf(club.id)),
  }))
  const absent = absentLofts(bag)
  const hit = sides.flatMap(({ club, model: station, stock }) =>
    isHit(stock) && station?.posterior
      ? [
          {
            club,
            carryM: stock.model.carryM,
            varianceM2: station.posterior.varianceM2,
            count: stock.count,
          },
        ]
      : [],
  )
  const limits = limitsOfGaps(
    bag,
    hit,
    gapRule,
    ({ id }) => sides.find(({ club }) => club.id === id)?.model?.expected?.carryM ?? null,
  )
  const perDegree = carryPerDegree(hit)
  const prospects = sides.map((side) => prospectOf(side, model))
  const pairs = limits.map((each, i) => {
    const [longer, shorter] = [sides[i] as GapSide, sides[i + 1] as GapSide]
    const because = left.find(
      ({ longerId, shorterId }) => longerId === longer.club.id && shorterId === shorter.club.id,
    )?.because
    const runs = runsOnTotal(longer, shorter, runOf)
    const spread = differenceSpread(longer, shorter, model, restated)
    return {
      longer,
      shorter,
      exclusion: runs ? withRuns(spread, runs) : spread,
      context: {
        ...(runs && { onTotal: { longerM: runs.longer.runM, shorterM: runs.shorter.runM } }),
        limits: each,
        absentLoftsDeg: absent[i] ?? [],
        ...byLoft(longer.club, shorter.club, perDegree),
        between: (absent[i] ?? []).length > 0 ? partialsBetween(longer, shorter, stocks) : [],
        ...(because !== undefined && { leftOnPurpose: because }),
      },
    }
  })
  const gaps = pairs.map(({ longer, shorter, context, exclusion: spread }, i): Gap => {
    const ids = { longerId: longer.club.id, shorterId: shorter.club.id }
    const [a, b] = [longer.model?.posterior, shorter.model?.posterior]
    if (!a || !b || !isHit(longer.stock) || !isHit(shorter.stock)) return unknownGap(ids, context)
    const [longerStock, shorterStock] = [prospects[i] as Prospect, prospects[i + 1] as Prospect]
    return judgeGap(
      {
        ...context,
        striking: { scatter: model.spread.carry, missed: model.spread.missed },
        longer: { clubId: ids.longerId, count: longer.stock.count, posterior: a },
        shorter: { clubId: ids.shorterId, count: shorter.stock.count, posterior: b },
        difference: difference(a, b, spread),
        shown: {
          longerM: longer.stock.carryM + (context.onTotal?.longerM ?? 0),
          shorterM: shorter.stock.carryM + (context.onTotal?.shorterM ?? 0),
        },
        byStockRule: gapByStockRule(longer.stock, shorter.stock, context.onTotal),
      },
      (limitsM) =>
        outlookOf({
          longer: longerStock,
          shorter: shorterStock,
          extraVarianceM2: addedVariance(spread),
          limitsM,
        }),
    )
  })
  const next = nextShots(
    sides.map(({ club, stock }, i) => ({
      clubId: club.id,
      count: stock?.count ?? 0,
      stock: isOfShots(stock) ? (prospects[i] ?? null) : null,
    })),
    gaps.map(({ settled, resting, leftOnPurpose, limitsM }, i) =>
      limitsM === undefined
        ? null
        : {
            // What is wanted as it is needs no shots.
            settled: settled || leftOnPurpose !== undefined,
            resting: resting ?? false,
            limitsM,
            extraVarianceM2: addedVariance(pairs[i]?.exclusion ?? TOGETHER),
          },
    ),
  )
  return {
    gaps,
    overUnhit: overUnhit(sides),
    next,
    recommendations: beyondShots(
      sides.map(({ club, stock }, i) => ({
        club,
        prospect: isOfShots(stock) ? (prospects[i] ?? null) : null,
      })),
      model,
    ),
  }
}

/** The hit neighbours around clubs that were not hit. */
function overUnhit(sides: readonly GapSide[]): GapOverUnhit[] {
  const hit = sides.flatMap(({ club, stock }, index) => (isHit(stock) ? [{ club, index }] : []))
  return hit.slice(1).flatMap(({ club, index }, i): GapOverUnhit[] => {
    const longer = hit[i] as (typeof hit)[number]
    const unhit = sides.slice(longer.index + 1, index).map((side) => side.club.id)
    return unhit.length === 0 ? [] : [{ longerId: longer.club.id, shorterId: club.id, unhit }]
  })
}

/** What the golfer's own metres a degree say of two clubs. */
function byLoft(longer: Club, shorter: Club, perDegree: number | null) {
  if (perDegree === null || longer.loftDeg === null || shorter.loftDeg === null) return {}
  const deg = shorter.loftDeg - longer.loftDeg
  return deg > 0 ? { byLoft: { deg, expectedM: perDegree * deg } } : {}
}

/** Nearer to a full stock than this a partial swing fills nothing. */
const FILLS_FROM = 0.2

/** The longer club's partial swings that land between two clubs; where none was hit, what a wedge's three-quarter swing should carry. */
function partialsBetween(longer: GapSide, shorter: GapSide, stocks: readonly Stock[]): GapContext['between'] {
  const [high, low] = [longer.stock?.carryM, shorter.stock?.carryM]
  if (high === undefined || low === undefined) return []
  const inside = (carryM: number) =>
    carryM > low + FILLS_FROM * (high - low) && carryM < high - FILLS_FROM * (high - low)
  const { club } = longer
  const hit = stocks.flatMap(({ clubId, swing, carryM }) =>
    clubId === club.id && !isWholeSwing(swing) && carryM !== undefined && inside(carryM)
      ? [{ clubId, swing, carryM, measured: true }]
      : [],
  )
  const swing = SWINGS[1]
  const usual = partialPrior(swing, { meanM: high, varianceM2: 0 }, [])
  return hit.length === 0 && club.kind === 'wedge' && usual && inside(usual.carryM)
    ? [{ clubId: club.id, swing, carryM: usual.carryM, measured: false }]
    : hit
}

/** A club is done when the gaps on both sides of it are settled, borderline, or resting. */
export function isDone(clubId: Club['id'], gaps: readonly Gap[]): boolean {
  const neighbours = gaps.filter((gap) => isOfGap(gap, clubId))
  return neighbours.length > 0 && neighbours.every((gap) => gap.settled || gap.resting === true)
}

function prospectOf({ model, stock }: GapSide, { spread }: BagModel): Prospect | null {
  if (!model?.posterior || !isHit(stock)) return null
  const { meanM, varianceM2 } = model.posterior
  return {
    meanM,
    varianceM2,
    count: stock.count,
    shotSdM: spread.carry * meanM,
    missed: spread.missed,
  }
}

/** What lies between two clubs besides their spreads: their days, and what restating does to each. */
function differenceSpread(
  longer: GapSide,
  shorter: GapSide,
  model: BagModel,
  restated: (station: StationModel) => StationRestated | null,
): DifferenceSpread {
  const [a, b] = [longer.model && restated(longer.model), shorter.model && restated(shorter.model)]
  // A station none of whose shots could be restated moves by nothing.
  const crisisCount = Math.max(1, a?.crisisM.length ?? 0, b?.crisisM.length ?? 0)
  return {
    extraVarianceM2:
      daysDifferenceVariance(longer, shorter, model) + (a?.ownSdM ?? 0) ** 2 + (b?.ownSdM ?? 0) ** 2,
    movedM: Array.from({ length: crisisCount }, (_, i) => (a?.crisisM[i] ?? 0) - (b?.crisisM[i] ?? 0)),
  }
}

/** What two clubs that were hit on different days add to the variance of their gap; nothing on the same days. */
function daysDifferenceVariance(
  { model: longer }: GapSide,
  { model: shorter }: GapSide,
  { days }: BagModel,
): number {
  const [a, b] = [longer?.posterior?.meanM, shorter?.posterior?.meanM]
  if (!longer || !shorter || a === undefined || b === undefined) return 0
  const shares = longer.days.map((share, i) => share - (shorter.days[i] ?? 0))
  return a * b * dayVariance(days, shares)
}

type Runs = { longer: OrdinaryRun; shorter: OrdinaryRun }

/** What two clubs run, where one of them is only hit from the tee: they are judged on their totals. */
function runsOnTotal(
  { club: a, stock: longer }: GapSide,
  { club: b, stock: shorter }: GapSide,
  runOf: (stock: HitStock) => OrdinaryRun | null,
): Runs | null {
  if ((a.job !== 'tee' && b.job !== 'tee') || !isHit(longer) || !isHit(shorter)) return null
  const [longerRun, shorterRun] = [runOf(longer), runOf(shorter)]
  return longerRun && shorterRun ? { longer: longerRun, shorter: shorterRun } : null
}

/** What two runs add to a gap: their difference, and what a model of the one ground under both is not sure of. */
function withRuns(
  { extraVarianceM2, movedM }: DifferenceSpread,
  { longer, shorter }: Runs,
): DifferenceSpread {
  const differenceM = longer.runM - shorter.runM
  const modelled = longer.from !== 'measured' || shorter.from !== 'measured'
  return {
    extraVarianceM2: extraVarianceM2 + (modelled ? (RUN_SD * differenceM) ** 2 : 0),
    movedM: movedM.map((moved) => moved + differenceM),
  }
}

const gapByStockRule = (longer: HitStock, shorter: HitStock, onTotal?: OnTotal): Record<StockRule, number> =>
  Object.fromEntries(
    STOCK_RULES.map((rule) => [
      rule,
      longer.byStockRule[rule] -
        shorter.byStockRule[rule] +
        (onTotal ? onTotal.longerM - onTotal.shorterM : 0),
    ]),
  ) as Record<StockRule, number>
