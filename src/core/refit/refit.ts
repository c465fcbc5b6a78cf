import type { BagAnalysis, Rules } from '../analysis/bag-analysis'
import { MOST_CLUBS } from '../bag/club'
import { DEFAULT_TOLERANCE_M } from '../model/coverage'
import { isSameGap } from '../gaps/gap-clubs'
import type { ClubId } from '../model/ids'
import { atStation, fullSwingOf } from '../model/station'
import { isHit } from '../stock/stock'
import { bagAdvice, type BagAdvice } from './bag-advice'
import { fewerClubs, type FewerClubs } from './fewer-clubs'
import { beforeChange, gapAdvice, type GapAdvice } from './gap-advice'
import { gates, type DaysOfClubs, type Gate } from './gate'
import { longClubs, type LongClubAdvice } from './long-clubs'
import { paperBag, type PaperBag, type PaperInput } from './paper-bag'
import type { PerDegree } from './per-degree'
import { proposalsFor, propose } from './propose'
import type { BestTried, Proposal } from './proposal'
import { setTransition, type SetTransition } from './set-transition'

export type RefitInput = PaperInput & {
  analysis: Pick<BagAnalysis, 'next'>
  /** On how many days good shots were hit with each club. */
  days: DaysOfClubs
  rules?: Pick<Rules, 'leftOnPurpose' | 'toleranceM' | 'goalZoneM'>
  /** How many clubs the golfer wants to carry, with the putter where the bag has one; `fewest`: as few as may be. */
  wanted?: number | 'fewest'
}

export type Refit = BagAdvice & {
  /** The bag on paper, as it is. */
  bag: PaperBag
  freeSlots: number
  perDegree: (PerDegree & { clubId: ClubId })[]
  gates: Gate[]
  /** What comes first about each trouble, the worst one first. */
  firsts: GapAdvice[]
  longClubs: LongClubAdvice[]
  proposals: Proposal[]
  /** The best that was tried, where nothing is proposed. */
  bestTried?: BestTried
  /** What each club less costs; null where clubs were not hit. */
  fewer: FewerClubs | null
  /** Every choice of set and separate wedges; null without a choice. */
  transition: SetTransition | null
}

/** What a page needs to advise on gaps. */
export type GapsToFix = Pick<Refit, 'firsts' | 'longClubs'>

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
  const gatesOfBag = gates(analysis, clubs, days)
  const freeSlots = Math.max(0, MOST_CLUBS - clubs.length)
  const advice = bagAdvice({ clubs, analysis })
  const ofLongClubs = longClubs({ clubs, analysis }, bag)
  const allowed = {
    toleranceM: rules.toleranceM ?? DEFAULT_TOLERANCE_M,
    ...(rules.goalZoneM && { focusM: rules.goalZoneM }),
    freeSlots,
    kept: new Set([
      ...advice.sameJobs.flatMap(({ keep }) => keep ?? []),
      ...ofLongClubs.flatMap((each) => (each.kind === 'take-out' ? [each.keep] : [])),
    ]),
  }
  // What fewer clubs do as well is known where all were hit.
  const fewer =
    bag.clubs.length > 2 && bag.clubs.every(({ carryM }) => carryM !== null)
      ? fewerClubs(searched, allowed)
      : null
  const putters = clubs.length - bag.clubs.length
  const proposing = {
    ...allowed,
    fewer,
    wellKnown: wellKnown(input),
    ...(wanted !== undefined && { wanted: wanted === 'fewest' ? 0 : wanted - putters }),
  }
  const { proposals, bestTried } = propose(searched, gatesOfBag, proposing)
  return {
    bag,
    freeSlots,
    perDegree: bag.clubs.flatMap(({ club, carryM, perDegree: k }) =>
      carryM === null ? [] : [{ clubId: club.id, ...k }],
    ),
    gates: gatesOfBag,
    firsts: gatesOfBag.map((gate) =>
      gapAdvice(
        beforeChange(gate, analysis, days, clubs),
        proposalsFor(gate, searched, gatesOfBag, proposing, proposals),
        ofLongClubs.find((each) => isSameGap(each, gate)),
      ),
    ),
    longClubs: ofLongClubs,
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
