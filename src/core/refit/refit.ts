import type { BagAnalysis, Rules } from '../analyse-bag'
import { MOST_CLUBS } from '../bag/club'
import { measuredLaunch } from '../flight/measured-launch'
import { airOfStock, ordinaryRun } from '../flight/station-run'
import { carriesApart, isJudged, isMeasured } from '../gaps/step'
import { schoolOf } from '../gaps/zones'
import type { ClubId } from '../ids'
import { atStation, fullSwingOf, isWholeSwing } from '../station'
import { isHit, type HitStock, type Stock } from '../stock/stock'
import { sdOf } from '../math/z90'
import { bagSense, type BagSense } from './bag-sense'
import { gates, type DaysOfClubs, type Gate } from './gate'
import { pairKey, type PaperBag, type PaperClub } from './paper-bag'
import { perDegree, type PerDegree, type StandingClub } from './per-degree'
import { propose, type Proposal } from './propose'
import type { RefitClub } from './refit-club'

export type RefitInput = {
  /** The bag, longest first, putter and all. */
  clubs: readonly RefitClub[]
  /** Clubs that are not in it. */
  rack?: readonly RefitClub[]
  /** What the shots of the bag say, and the stocks of the rack. */
  analysis: Pick<BagAnalysis, 'stocks' | 'steps' | 'overUnhit'>
  rackStocks?: readonly Stock[]
  /** On how many days solid shots were hit with each club. */
  days: DaysOfClubs
  rules?: Pick<Rules, 'stepSchool' | 'zonesM' | 'leftOnPurpose' | 'toleranceM' | 'goalZoneM'>
}

/** What comes before anything else is done about a trouble. */
export type FirstFix = 'retest' | 'strike' | 'measure-lofts' | 'swing' | 'refit' | 'none'
export type BeforeTrouble = { longerId: ClubId; shorterId: ClubId; fix: FirstFix }

export type Refit = BagSense & {
  /** The bag on paper, as it is. */
  bag: PaperBag
  freeSlots: number
  perDegree: (PerDegree & { clubId: ClubId })[]
  gates: Gate[]
  /** What stands first before each trouble, the worst one first. */
  firsts: BeforeTrouble[]
  proposals: Proposal[]
}

/**
 * What to do about the steps of a bag: on paper, priced in steps, before a club is touched. Pure: the input is unchanged.
 * Metres and degrees, weaker positive.
 */
export function refit(input: RefitInput): Refit {
  const { analysis, days, clubs } = input
  const bag = paperBag(input)
  const gate = gates(analysis, clubs, days)
  const freeSlots = Math.max(0, MOST_CLUBS - clubs.length)
  const proposals = propose(bag, gate, freeSlots)
  return {
    bag,
    freeSlots,
    perDegree: bag.clubs.flatMap(({ club, carryM, perDegree: k }) =>
      carryM === null ? [] : [{ clubId: club.id, ...k }],
    ),
    gates: gate,
    firsts: firstFixes(input, gate).map((first) => ({
      ...first,
      ...(first.fix === 'refit' && !proposals.some(isFor(first)) && { fix: 'none' as const }),
    })),
    ...bagSense(input, bag, gate),
    proposals,
  }
}

/** The bag on paper as it is: stocks and steps with what is known of them. */
export function paperBag({ clubs, rack = [], analysis, rackStocks = [], rules = {} }: RefitInput): PaperBag {
  const bag = clubs.filter(({ kind }) => kind !== 'putter').toSorted((a, b) => a.order - b.order)
  const stockOf = (id: ClubId) => atStation(analysis.stocks, fullSwingOf(id))
  const places = carriesBySteps(bag, analysis)
  const standing = bag.flatMap((club): StandingClub[] => {
    const [stock, carryM] = [stockOf(club.id), places.get(club.id)]
    return isHit(stock) && carryM !== undefined ? [standingClub(club, stock, carryM)] : []
  })
  const onPaper = (club: RefitClub, stock: Stock | undefined, own: StandingClub | undefined): PaperClub => ({
    club,
    carryM: own?.carryM ?? null,
    runM: isHit(stock) ? (ordinaryRun(stock)?.runM ?? null) : null,
    shownByM: own && isHit(stock) ? stock.carryM - own.carryM : 0,
    varianceM2: own?.varianceM2 ?? 0,
    count: stock?.count ?? 0,
    perDegree: own ? perDegree(own, standing) : { mPerDeg: 0, sdMPerDeg: 0 },
    movedDeg: 0,
    supposedSdM: 0,
  })
  const steps = analysis.steps.filter(isMeasured)
  return {
    clubs: bag.map((club) =>
      onPaper(
        club,
        stockOf(club.id),
        standing.find((each) => each.club === club),
      ),
    ),
    rack: rack
      .filter(({ kind }) => kind !== 'putter')
      .map((club) => {
        const stock = atStation(rackStocks, fullSwingOf(club.id))
        return onPaper(club, stock, isHit(stock) ? standingClub(club, stock, stock.model.carryM) : undefined)
      }),
    stepVarianceM2: new Map(
      steps.map(({ longerId, shorterId, lowM, highM }) => [
        pairKey(longerId, shorterId),
        sdOf({ lowM, highM }) ** 2,
      ]),
    ),
    school: schoolOf(rules),
    others: analysis.stocks.flatMap(({ clubId, swing, carryM }) =>
      isWholeSwing(swing) || carryM === undefined ? [] : [{ clubId, carryM }],
    ),
    left: new Set(
      analysis.steps.flatMap(({ longerId, shorterId, leftOnPurpose }) =>
        leftOnPurpose === undefined ? [] : [pairKey(longerId, shorterId)],
      ),
    ),
  }
}

const standingClub = (club: RefitClub, stock: HitStock, carryM: number): StandingClub => {
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

/** The carries of the hit clubs, apart by the steps that Gaps shows: one number for one step. */
function carriesBySteps(
  bag: readonly RefitClub[],
  { stocks, steps }: RefitInput['analysis'],
): Map<ClubId, number> {
  const places = new Map<ClubId, number>()
  const between = steps.filter(isMeasured)
  let last: { id: ClubId; carryM: number } | null = null
  for (const { id } of bag) {
    const stock = atStation(stocks, fullSwingOf(id))
    if (!isHit(stock)) continue
    const before: { id: ClubId; carryM: number } | null = last
    const step =
      before && between.find(({ longerId, shorterId }) => longerId === before.id && shorterId === id)
    const carryM: number = before && step ? before.carryM - carriesApart(step) : stock.model.carryM
    places.set(id, carryM)
    last = { id, carryM }
  }
  return places
}

/** What comes first before each trouble, the worst one first: `refit` where nothing else stands before it. */
export const firstFixes = (
  input: Pick<RefitInput, 'clubs' | 'analysis' | 'days'>,
  troubles: readonly Gate[] = gates(input.analysis, input.clubs, input.days),
): BeforeTrouble[] =>
  troubles.map(({ longerId, shorterId, shut }) => ({
    longerId,
    shorterId,
    fix: firstFix({ longerId, shorterId, ...(shut && { shut }) }, input.analysis),
  }))

function firstFix({ longerId, shorterId, shut }: Gate, analysis: RefitInput['analysis']): FirstFix {
  if (shut === 'not-settled' || shut === 'few-shots') return 'retest'
  const step = analysis.steps.find((each) => each.longerId === longerId && each.shorterId === shorterId)
  const isWide = step !== undefined && isJudged(step) && step.verdict === 'wide'
  // A swing that was hit already changes no club: no gate stands before it.
  if (isWide && partialBetween(analysis.stocks, longerId, shorterId)) return 'swing'
  if (shut === 'strike') return 'strike'
  return shut === 'lofts-not-measured' ? 'measure-lofts' : 'refit'
}

const isFor =
  ({ longerId }: BeforeTrouble) =>
  ({ troubles }: Proposal): boolean =>
    troubles.some((each) => each.longerId === longerId)

const FILLS = 0.25

/** Whether a partial swing of any club lands well between two clubs. */
function partialBetween(stocks: readonly Stock[], longerId: ClubId, shorterId: ClubId): boolean {
  const [high, low] = [longerId, shorterId].map((id) => atStation(stocks, fullSwingOf(id))?.carryM)
  if (high === undefined || low === undefined) return false
  const inset = FILLS * (high - low)
  return stocks.some(
    ({ swing, carryM }) =>
      !isWholeSwing(swing) && carryM !== undefined && carryM > low + inset && carryM < high - inset,
  )
}
