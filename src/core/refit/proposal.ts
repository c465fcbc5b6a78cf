import { allClubs } from '../bag/bag'
import { isOfGap, type GapClubs } from '../gaps/gap-clubs'
import type { ClubId } from '../model/ids'
import { cautionsOf, type Caution } from './cautions'
import { isTurn, type Fix } from './fixes'
import { firstShut, type Gate, type Shut } from './gate'
import type { PaperBag } from './paper-bag'
import { evaluate, goodGapsWith, sumEven, type GoodGapsChange, type PaperGap } from './paper-gaps'

/** How the gaps of a bag are made better by changing its clubs, the cheapest first. */
export const STRATEGIES = ['least-work', 'one-purchase', 'fewer-clubs', 'everything'] as const
export type Strategy = (typeof STRATEGIES)[number]

/** A set of fixes that makes more gaps good, with all that it changes. */
export type Proposal = {
  strategy: Strategy
  fixes: Fix[]
  /** The gaps it is for. */
  gapsToImprove: GapClubs[]
  /** How many gaps are likely good, before and after, as sums of chances. */
  before: number
  after: number
  /** The same counted, each bag by its own gaps. */
  good: GoodGapsChange
  /** Every gap as it would be. */
  gaps: PaperGap[]
  cautions: Caution[]
  /** Why it is only a preview. */
  shut?: Shut
}

/** The best of what was tried and falls short, where nothing is proposed. */
export type BestTried = Pick<Proposal, 'fixes' | 'before' | 'after' | 'gaps' | 'gapsToImprove'>

/** The gaps of some that fixes do something to. */
export const meantBy = (bag: PaperBag, gates: readonly Gate[], fixes: readonly Fix[]): Gate[] => {
  const after = evaluate(bag, fixes).bag
  return gates.filter((gapToImprove) => touches(bag, after, fixes, gapToImprove))
}

/** Why some fixes are only a preview; null where they may be done. What bends no club need not wait for measured lofts. */
export function shutOf(bag: PaperBag, gates: readonly Gate[], fixes: readonly Fix[]): Shut | null {
  const bends = fixes.some(isTurn)
  return firstShut(meantBy(bag, gates, fixes).filter(({ shut }) => bends || shut !== 'lofts-not-measured'))
}

/** A set of fixes as a proposal, with all that it changes. */
export function proposalOf(
  bag: PaperBag,
  gates: readonly Gate[],
  strategy: Strategy,
  fixes: Fix[],
): Proposal {
  const before = evaluate(bag, []).gaps
  const gaps = evaluate(bag, fixes).gaps
  const meant = meantBy(bag, gates, fixes)
  const shut = strategy === 'everything' ? null : shutOf(bag, gates, fixes)
  return {
    strategy,
    fixes,
    gapsToImprove: meant.map(({ longerId, shorterId }) => ({ longerId, shorterId })),
    before: sumEven(before),
    after: sumEven(gaps),
    good: goodGapsWith(bag, fixes),
    gaps,
    cautions: cautionsOf(
      fixes,
      allClubs(bag).map(({ club }) => club),
    ),
    ...(shut && { shut }),
  }
}

const indexOfClub = ({ clubs }: PaperBag, id: ClubId): number => clubs.findIndex(({ club }) => club.id === id)

/** Whether a set of fixes does something to a trouble: to one of its clubs, or between them. */
function touches(bag: PaperBag, after: PaperBag, fixes: readonly Fix[], gapToImprove: GapClubs): boolean {
  const { longerId, shorterId } = gapToImprove
  if (fixes.some((fix) => 'clubId' in fix && isOfGap(gapToImprove, fix.clubId))) return true
  const [from, to] = [indexOfClub(after, longerId), indexOfClub(after, shorterId)]
  return from >= 0 && to >= 0 && to - from > indexOfClub(bag, shorterId) - indexOfClub(bag, longerId)
}

/** The gaps in the place of one: between its clubs, or across the club that is gone. */
export function replacementFor(
  before: PaperBag,
  after: PaperBag,
  gaps: readonly PaperGap[],
  { longerId, shorterId }: GapClubs,
): PaperGap[] {
  const [a, b] = [indexOfClub(after, longerId), indexOfClub(after, shorterId)]
  // A club that is gone leaves its neighbour on that side.
  const from = a >= 0 ? a : lastBefore(before, after, longerId)
  const to = b >= 0 ? b : firstAfter(before, after, shorterId)
  const ids = after.clubs.slice(Math.max(0, from), to < 0 ? undefined : to + 1).map(({ club }) => club.id)
  return gaps.filter((gap) => ids.includes(gap.longerId) && ids.includes(gap.shorterId))
}

function lastBefore(before: PaperBag, after: PaperBag, id: ClubId): number {
  const stay = before.clubs
    .slice(0, indexOfClub(before, id))
    .findLast(({ club }) => indexOfClub(after, club.id) >= 0)
  return stay ? indexOfClub(after, stay.club.id) : -1
}

function firstAfter(before: PaperBag, after: PaperBag, id: ClubId): number {
  const stay = before.clubs
    .slice(indexOfClub(before, id) + 1)
    .find(({ club }) => indexOfClub(after, club.id) >= 0)
  return stay ? indexOfClub(after, stay.club.id) : -1
}
