import type { Stretch } from '../model/coverage'
import type { ClubId } from '../model/ids'
import { isEnd, newlyUncovered, refused, type ProposalRules } from './allowed'
import type { Fix } from './fixes'
import type { PaperBag } from './paper-bag'
import { coverOn, evaluate, goodGaps, type GoodGaps } from './paper-gaps'
import { worthOf } from './search'

/** One club less than the bag before it. */
export type OneLess = {
  dropped: ClubId
  /** How many clubs are left, without the putter. */
  keeps: number
  /** Distances that have no club since, but for those that had none before; the widest first. */
  uncovered: Stretch[]
  good: GoodGaps
}

/** What a bag of fewer clubs costs, one club after another; `next` is the club after the last and what its loss would leave. */
export type FewerClubs = {
  has: number
  good: GoodGaps
  less: OneLess[]
  /** Why no more can go: the distances without a club after the cheapest further one. */
  next?: { dropped: ClubId; uncovered: Stretch[] }
}

/** A share of the covered distances is worth this many good gaps. */
const COVER_WORTH = 10

/**
 * The club whose loss costs least, one after another: in good gaps, and in distances without a club. Ends of the bag and
 * clubs that are kept stay. The last ones are those whose loss would leave too much without a club, and any two.
 * Clubs that were not hit stay, since their cost is not known.
 */
export function fewerClubs(bag: PaperBag, rules: ProposalRules): FewerClubs {
  const carries = bag.clubs.flatMap(({ carryM }) => carryM ?? [])
  const span: Stretch = rules.focusM ?? [Math.min(...carries), Math.max(...carries)]
  const whole: Stretch = [Math.min(...carries), Math.max(...carries)]
  const uncoveredIn = (of: PaperBag): Stretch[] =>
    newlyUncovered(bag, of, rules.toleranceM, whole).map(({ range }) => range)
  const less: OneLess[] = []
  let fixes: Fix[] = []
  let next: FewerClubs['next']
  for (;;) {
    const now = evaluate(bag, fixes).bag
    const left = now.clubs.filter(
      ({ club, carryM }) => carryM !== null && !isEnd(now, club.id) && !rules.kept.has(club.id),
    )
    const each = left
      .map(({ club }) => {
        const more: Fix[] = [...fixes, { kind: 'drop', clubId: club.id }]
        const after = evaluate(bag, more).bag
        const worth = worthOf(bag, more) + COVER_WORTH * coverOn(after, rules.toleranceM, span).cover
        return { id: club.id, more, after, worth, refusal: refused(bag, more, rules, { costs: true }) }
      })
      .sort((a, b) => b.worth - a.worth)
    const best = each.find(({ refusal }) => refusal === null)
    if (!best) {
      const blocked = each[0]
      if (blocked) next = { dropped: blocked.id, uncovered: uncoveredIn(blocked.after) }
      break
    }
    fixes = best.more
    less.push({
      dropped: best.id,
      keeps: best.after.clubs.length,
      uncovered: uncoveredIn(best.after),
      good: goodGaps(evaluate(bag, best.more).gaps),
    })
  }
  return { has: bag.clubs.length, good: goodGaps(evaluate(bag, []).gaps), less, ...(next && { next }) }
}

/** The clubs to take out, one after another, for so many to be left, or for as few as may be. */
export const lessFor = ({ less }: FewerClubs, wanted: number): OneLess[] =>
  less.filter(({ keeps }) => keeps >= wanted)

/** The same as fixes. */
export const dropsFor = (fewer: FewerClubs, wanted: number): Fix[] =>
  lessFor(fewer, wanted).map(({ dropped }) => ({ kind: 'drop', clubId: dropped }))
