import { gapKey, isOfGap, isSameGap, type GapClubs } from '../gaps/gap-clubs'
import type { ClubId } from '../model/ids'
import { yards } from '../units'
import { refused, type ProposalRules } from './allowed'
import { dropsFor, type FewerClubs } from './fewer-clubs'
import { boughtBy, isTurn, type Fix } from './fixes'
import type { Gate } from './gate'
import type { PaperBag } from './paper-bag'
import { evaluate, goodGaps, sumEven, type PaperGap } from './paper-gaps'
import { replacementFor, meantBy, proposalOf, type Proposal } from './proposal'
import { BEND_INCREMENT_DEG } from './refit-club'
import { additions, clubsAround, bestBends, outsideM, ranked, swaps, type Sought } from './search'

/** Fixes are proposed only if the chances of all gaps rise by this much together, and bends only if each gap they are for is likelier good than not. */
const LEAST_GAIN = 0.5
const EACH_GOOD = 0.6
const MOST_BENDS = 2
/** Where every bend is looked for, a club is sent to a clubmaker only for this much more of a good gap, besides its degrees. */
const EVERYTHING_PER_CLUB = 0.15
/** It does not need confirmed gaps, so that it must gain more: with less than this a fiftieth of bags became truly worse. */
const EVERYTHING_LEAST_GAIN = 0.75

export type Proposing = ProposalRules & {
  /** Clubs that may be bent without waiting for each gap to be confirmed. */
  wellKnown: ReadonlySet<ClubId>
  fewer: FewerClubs | null
  /** How many clubs the golfer wants to carry, without the putter; absent where the golfer chose none. */
  wanted?: number
  /** The one gap that something is to be done about; absent: all of them together, and then each. */
  only?: GapClubs
}

/** What may be done now comes first, without the clubs that wait for something; then what may be done in all, as a preview. */
function soughtOf(gates: readonly Gate[], { only }: Proposing): Sought[] {
  const open = gates.filter(({ shut }) => shut === undefined)
  const untouched = new Set(
    gates.filter(({ shut }) => shut !== undefined).flatMap((gate) => [gate.longerId, gate.shorterId]),
  )
  if (only) return [{ gapsToImprove: [only], untouched }, { gapsToImprove: [only] }]
  return [
    ...(open.length > 0 ? [{ gapsToImprove: open, untouched }] : []),
    ...open.map((gate) => ({ gapsToImprove: [gate], untouched })),
    { gapsToImprove: gates },
    ...gates.map((gate) => ({ gapsToImprove: [gate] })),
  ]
}

/** At most two clubs bent or turned. */
export function leastWork(
  bag: PaperBag,
  gates: readonly Gate[],
  rules: Proposing,
  tried: Fix[][],
): Proposal | null {
  const before = sumEven(evaluate(bag, []).gaps)
  return firstOf(
    soughtOf(gates, rules).map((sought) => (): Proposal | null => {
      const best = bestBends(bag, clubsAround(bag.clubs, sought), { most: MOST_BENDS })
      if (best.length === 0) return null
      tried.push(best)
      const meant = meantBy(bag, gates, best)
      const does = (fixes: readonly Fix[]): boolean => {
        const { bag: after, gaps } = evaluate(bag, fixes)
        const now = meantBy(bag, gates, fixes)
        return (
          sumEven(gaps) >= before + LEAST_GAIN &&
          now.some((gapToImprove) => gapToImprove === meant[0]) &&
          now.every((gapToImprove) =>
            replacementFor(bag, after, gaps, gapToImprove).every(({ good }) => good >= EACH_GOOD),
          ) &&
          refused(bag, fixes, rules) === null
        )
      }
      if (!does(best)) return null
      return proposalOf(bag, gates, 'least-work', leastBends(bag, best, does))
    }),
  )
}

/** One club bought or taken from the rack. A club that was never hit is an estimate: it is proposed when the good gaps are expected to rise. */
export function onePurchase(
  bag: PaperBag,
  gates: readonly Gate[],
  rules: Proposing,
  tried: Fix[][],
): Proposal | null {
  // With a free slot what is too close is not mended by buying: one of the two can go.
  const all = unique(soughtOf(gates, rules).map(({ gapsToImprove }) => gapsToImprove)).flatMap(
    (gapsToImprove) => {
      const sought = { gapsToImprove }
      const added = additions(bag, sought, rules.freeSlots)
      const one = (fixes: readonly Fix[]) => boughtBy(fixes) <= 1
      return [
        ...ranked(bag, [...added.filter(one), ...(rules.freeSlots === 0 ? swaps(bag, sought) : [])]),
        // Two are bought only where one is not enough.
        ...ranked(
          bag,
          added.filter((fixes) => !one(fixes)),
        ),
      ]
    },
  )
  const mayBe = (fixes: readonly Fix[]): boolean =>
    meantBy(bag, gates, fixes).length > 0 && refused(bag, fixes, rules) === null
  const best = all.find(mayBe)
  if (best) tried.push(best)
  return firstOf(
    all.map(
      (fixes) => (): Proposal | null =>
        gainOfChanged(bag, fixes) >= LEAST_GAIN && mayBe(fixes)
          ? proposalOf(bag, gates, 'one-purchase', fixes)
          : null,
    ),
  )
}

/** Lists of gaps, each once. */
const unique = (lists: readonly (readonly GapClubs[])[]): (readonly GapClubs[])[] => [
  ...new Map(lists.map((list) => [list.map(gapKey).join(), list])).values(),
]

/**
 * What some fixes gain in the gaps that they change. One club more can move the limits of all other gaps, where a bag has few: that
 * is not what the purchase gains.
 */
function gainOfChanged(bag: PaperBag, fixes: readonly Fix[]): number {
  const [before, after] = [evaluate(bag, []).gaps, evaluate(bag, fixes).gaps]
  const isIn = (gap: PaperGap, list: readonly PaperGap[]): boolean =>
    list.some((each) => isSameGap(each, gap) && Math.abs(each.gapM - gap.gapM) < 1e-6)
  const changed = (list: readonly PaperGap[], other: readonly PaperGap[]) =>
    sumEven(list.filter((gap) => !isIn(gap, other)))
  return changed(after, before) - changed(before, after)
}

/** As many clubs as the golfer chose; else one of a gap that is not good less, where that gap goes with it. */
export function fewer(bag: PaperBag, gates: readonly Gate[], rules: Proposing): Proposal | null {
  if (rules.wanted !== undefined && rules.fewer && !rules.only) {
    const fixes = dropsFor(rules.fewer, rules.wanted)
    return fixes.length > 0 ? proposalOf(bag, [], 'fewer-clubs', fixes) : null
  }
  const before = evaluate(bag, []).gaps
  const now = goodGaps(before)
  const candidates = new Set(
    (rules.only ? [rules.only] : gates).flatMap(({ longerId, shorterId }) => [longerId, shorterId]),
  )
  const drops = ranked(
    bag,
    [...candidates].map((clubId): Fix[] => [{ kind: 'drop', clubId }]),
  )
  return firstOf(
    drops.map((fixes) => (): Proposal | null => {
      const { bag: after, gaps } = evaluate(bag, fixes)
      const then = goodGaps(gaps)
      const gone = before.filter((gap) => fixes.some((fix) => 'clubId' in fix && isOfGap(gap, fix.clubId)))
      const mostM = Math.max(0, ...gone.map(outsideOf)) + MERGED_WORSE_M
      const isGone = meantBy(bag, gates, fixes).some((gapToImprove) => {
        const [index] = replacementFor(bag, after, gaps, gapToImprove)
        return index && (index.good >= EACH_GOOD || outsideOf(index) <= mostM)
      })
      return isGone && then.of - then.good < now.of - now.good && refused(bag, fixes, rules) === null
        ? proposalOf(bag, gates, 'fewer-clubs', fixes)
        : null
    }),
  )
}

/** Two gaps, one too wide and one too close, become one: it may be this much wider than the wide one was. */
const MERGED_WORSE_M = yards(3)

const outsideOf = ({ gapM, limitsM }: PaperGap): number => (limitsM ? outsideM(gapM, limitsM) : 0)

/** Every bend that is expected to help, of clubs that are well known. */
export function everything(bag: PaperBag, gates: readonly Gate[], rules: Proposing): Proposal | null {
  const before = sumEven(evaluate(bag, []).gaps)
  const best = bestBends(bag, rules.wellKnown, { perClub: EVERYTHING_PER_CLUB })
  const does = (fixes: readonly Fix[]): boolean =>
    sumEven(evaluate(bag, fixes).gaps) >= before + EVERYTHING_LEAST_GAIN &&
    refused(bag, fixes, rules) === null
  return best.length > 0 && does(best) ? proposalOf(bag, gates, 'everything', best) : null
}

/** The first that may be done now; else the first preview. */
function firstOf(each: readonly (() => Proposal | null)[]): Proposal | null {
  let preview: Proposal | null = null
  for (const make of each) {
    const proposal = make()
    if (proposal && proposal.shut === undefined) return proposal
    preview ??= proposal
  }
  return preview
}

/**
 * A set of fixes with its bends taken back, half a degree after the other, as long as it does what it is for: what a clubmaker
 * would rather not touch stays as it is.
 */
function leastBends(bag: PaperBag, fixes: readonly Fix[], does: (fixes: readonly Fix[]) => boolean): Fix[] {
  let now = [...fixes]
  for (;;) {
    const less = now.flatMap((fix, i) => {
      if (!isTurn(fix)) return []
      const degrees = fix.degrees - Math.sign(fix.degrees) * BEND_INCREMENT_DEG
      const rest = degrees === 0 ? now.toSpliced(i, 1) : now.with(i, { ...fix, degrees })
      return does(rest) ? [rest] : []
    })
    const [best] = less
      .map((rest) => ({ rest, worth: sumEven(evaluate(bag, rest).gaps) - HALF_DEGREE * halvesOf(rest) }))
      .sort((a, b) => b.worth - a.worth)
    if (!best) return now
    now = best.rest
  }
}

/** Whole degrees are easier to set on a bench: of two sets that do nearly the same, the one with more of them (common practice). */
const HALF_DEGREE = 0.03
const halvesOf = (fixes: readonly Fix[]): number =>
  fixes.filter((fix) => isTurn(fix) && fix.degrees % 1 !== 0).length
