import type { BagAnalysis, Rules } from '../analyse-bag'
import { MOST_CLUBS } from '../bag/club'
import { measuredLaunch } from '../flight/measured-launch'
import { airOfStock, ordinaryRun } from '../flight/station-run'
import { DEFAULT_TOLERANCE_M } from '../gaps/cover'
import { carriesApart, isMeasured, type Step } from '../gaps/step'
import { schoolOf } from '../gaps/zones'
import type { ClubId } from '../ids'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf, isWholeSwing } from '../station'
import { isHit, type HitStock, type Stock } from '../stock/stock'
import { bagAdvice, type BagAdvice } from './bag-advice'
import { fewerClubs, type FewerClubs } from './fewer-clubs'
import { gates, type DaysOfClubs, type Gate } from './gate'
import { withoutChange, type NoChange } from './no-change'
import { pairKey, type PaperBag, type PaperClub } from './paper-bag'
import { perDegree, type PerDegree, type StandingClub } from './per-degree'
import { answersTo, propose } from './propose'
import type { BestTried, Proposal } from './proposal'
import type { RefitClub } from './refit-club'
import { setTransition, type SetTransition } from './set-transition'

export type RefitInput = {
  /** The bag, longest first, putter and all. */
  clubs: readonly RefitClub[]
  /** Clubs that are not in it. */
  rack?: readonly RefitClub[]
  /** What the shots of the bag say, and the stocks of the rack. */
  analysis: Pick<BagAnalysis, 'stocks' | 'steps' | 'next'>
  rackStocks?: readonly Stock[]
  /** On how many days good shots were hit with each club. */
  days: DaysOfClubs
  rules?: Pick<Rules, 'stepSchool' | 'zonesM' | 'leftOnPurpose' | 'toleranceM' | 'goalZoneM'>
  /** Distances that were left to the target in the golfer's rounds. */
  demandM?: readonly number[]
  /** How many clubs the golfer wants to carry, with the putter where the bag has one; `fewest`: as few as may be. */
  wanted?: number | 'fewest'
}

/** What comes before anything else is done about a trouble. */
export type FirstFix = 'retest' | 'strike' | 'measure-lofts' | 'swing' | 'refit' | 'none'
export type BeforeTrouble = {
  longerId: ClubId
  shorterId: ClubId
  fix: FirstFix
  noChange: NoChange[]
  /** What may be done about it, the cheapest way first. */
  proposals: Proposal[]
}

export type Refit = BagAdvice & {
  /** The bag on paper, as it is. */
  bag: PaperBag
  freeSlots: number
  perDegree: (PerDegree & { clubId: ClubId })[]
  gates: Gate[]
  /** What comes first about each trouble, the worst one first. */
  firsts: BeforeTrouble[]
  proposals: Proposal[]
  /** The best that was tried, where nothing is proposed. */
  bestTried?: BestTried
  /** What each club less costs; null where clubs were not hit. */
  fewer: FewerClubs | null
  /** Every choice of set and separate wedges; null without a choice. */
  transition: SetTransition | null
}

/** Bends without waiting for each gap to be confirmed want this many good shots with a club, on so many days. */
const WELL_KNOWN = { good: 15, days: 2 }

/**
 * What to do about the gaps of a bag: on paper, priced in good gaps, before a club is touched. Pure: the input is unchanged.
 * Metres and degrees, weaker positive.
 */
export function refit(input: RefitInput): Refit {
  const { analysis, days, clubs, rules = {}, wanted } = input
  const bag = paperBag(input)
  // What is worked out for this bag is kept as long as the search lasts.
  const searched = { ...bag }
  const gate = gates(analysis, clubs, days)
  const freeSlots = Math.max(0, MOST_CLUBS - clubs.length)
  const advice = bagAdvice({ clubs, analysis }, bag)
  const proposing = {
    toleranceM: rules.toleranceM ?? DEFAULT_TOLERANCE_M,
    ...(rules.goalZoneM && { focusM: rules.goalZoneM }),
    freeSlots,
    kept: new Set([
      ...advice.sameJobs.flatMap(({ keep }) => keep ?? []),
      ...advice.longClubs.flatMap((each) => (each.kind === 'take-out' ? [each.keep] : [])),
    ]),
  }
  // What fewer clubs do as well is known where all were hit.
  const fewer =
    bag.clubs.length > 2 && bag.clubs.every(({ carryM }) => carryM !== null)
      ? fewerClubs(searched, proposing)
      : null
  const putters = clubs.length - bag.clubs.length
  const asked = {
    ...proposing,
    fewer,
    wellKnown: wellKnown(input),
    ...(wanted !== undefined && { wanted: wanted === 'fewest' ? 0 : wanted - putters }),
  }
  const { proposals, bestTried } = propose(searched, gate, asked)
  return {
    bag,
    freeSlots,
    perDegree: bag.clubs.flatMap(({ club, carryM, perDegree: k }) =>
      carryM === null ? [] : [{ clubId: club.id, ...k }],
    ),
    gates: gate,
    firsts: firstFixes(input, gate).map((first): BeforeTrouble => {
      const its = answersTo(first, searched, gate, asked, proposals)
      return { ...first, proposals: its, ...(first.fix === 'refit' && its.length === 0 && { fix: 'none' }) }
    }),
    ...advice,
    proposals,
    ...(bestTried && { bestTried }),
    fewer,
    transition: setTransition(bag),
  }
}

/** Clubs with measured lofts and enough good shots that a bend need not wait for its gap to be confirmed. */
const wellKnown = ({ clubs, analysis, days }: RefitInput): Set<ClubId> =>
  new Set(
    clubs.flatMap(({ id, loftMeasured }) => {
      const stock = atStation(analysis.stocks, fullSwingOf(id))
      const isKnown =
        loftMeasured === true &&
        isHit(stock) &&
        stock.count >= WELL_KNOWN.good &&
        (days.get(id) ?? 0) >= WELL_KNOWN.days &&
        stock.offCurve?.cause !== 'strike'
      return isKnown ? [id] : []
    }),
  )

/** The bag on paper as it is: stocks and steps with what is known of them. */
export function paperBag({
  clubs,
  rack = [],
  analysis,
  rackStocks = [],
  rules = {},
  demandM,
}: Omit<RefitInput, 'days' | 'wanted' | 'analysis'> & {
  analysis: Pick<BagAnalysis, 'stocks' | 'steps'>
}): PaperBag {
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
    ...(!own && stock?.foreseen && { expectedM: stock.foreseen.carryM }),
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
    ...(demandM && demandM.length > 0 && { demandM }),
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
  { stocks, steps }: Pick<BagAnalysis, 'stocks' | 'steps'>,
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

/** What comes first about each trouble, the worst one first: `refit` where nothing else comes before it. */
export const firstFixes = (
  input: Pick<RefitInput, 'clubs' | 'analysis' | 'days'>,
  troubles: readonly Gate[] = gates(input.analysis, input.clubs, input.days),
): Omit<BeforeTrouble, 'proposals'>[] =>
  troubles.map((gate) => {
    const noChange = withoutChange(gate, input.analysis, input.days, input.clubs)
    const step = input.analysis.steps.find(
      ({ longerId, shorterId }) => longerId === gate.longerId && shorterId === gate.shorterId,
    )
    return {
      longerId: gate.longerId,
      shorterId: gate.shorterId,
      fix: firstFix(gate, noChange, step),
      noChange,
    }
  })

function firstFix({ shut }: Gate, noChange: readonly NoChange[], step: Step | undefined): FirstFix {
  if (shut === 'not-settled' || shut === 'few-shots') return 'retest'
  // A swing that was hit already changes no club: no gate comes before it.
  if (noChange.some(({ kind }) => kind === 'swing')) return 'swing'
  if (shut === 'strike') return 'strike'
  // Where a club is missing by loft, the choice of clubs is the cause: no half degree changes that.
  const isMissingClub = step?.verdict === 'wide' && step.absentClubs > 0
  return shut === 'lofts-not-measured' && !isMissingClub ? 'measure-lofts' : 'refit'
}
