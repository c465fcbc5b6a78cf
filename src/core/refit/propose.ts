import { isSameGap, type GapClubs } from '../gaps/gap-clubs'
import type { Fix } from './fixes'
import type { Gate } from './gate'
import type { PaperBag } from './paper-bag'
import { proposalOf, STRATEGIES, type BestTried, type Proposal } from './proposal'
import { ranked, worthOf } from './search'
import { everything, fewer, leastWork, onePurchase, type Proposing } from './strategies'

/** What may be done about the gaps of a bag that are not good, at most one proposal by each strategy; a shut gate makes it a preview. */
export function propose(
  bag: PaperBag,
  of: readonly Gate[],
  rules: Proposing,
): { proposals: Proposal[]; bestTried?: BestTried } {
  // What is confirmed comes first; what is only likely is looked at where nothing else is.
  const settled = of.filter(({ shut }) => shut !== 'not-settled')
  const gates = settled.length > 0 ? settled : of
  const tried: Fix[][] = []
  const found = [
    leastWork(bag, gates, rules, tried),
    onePurchase(bag, gates, rules, tried),
    fewer(bag, gates, rules),
    rules.only ? null : everything(bag, gates, rules),
  ].filter((each) => each !== null)
  const proposals = found.filter(
    ({ strategy, fixes }) =>
      strategy !== 'everything' ||
      !found.some(
        (other) => other.strategy !== 'everything' && JSON.stringify(other.fixes) === JSON.stringify(fixes),
      ),
  )
  if (proposals.length > 0 || gates.length === 0) return { proposals }
  const [best] = ranked(bag, tried)
  if (!best || best.length === 0 || worthOf(bag, best) <= worthOf(bag, [])) return { proposals }
  return { proposals, bestTried: proposalOf(bag, gates, 'least-work', best) }
}

/** The proposals for one gap, the cheapest first: those of the whole bag that are for it, and else those for it alone. */
export function proposalsFor(
  gapToImprove: GapClubs,
  bag: PaperBag,
  gates: readonly Gate[],
  rules: Proposing,
  ofBag: readonly Proposal[],
): Proposal[] {
  const isFor = ({ gapsToImprove }: Proposal): boolean =>
    gapsToImprove.some((each) => isSameGap(each, gapToImprove))
  const alone = propose(bag, gates, { ...rules, only: gapToImprove }).proposals.filter(isFor)
  return STRATEGIES.flatMap((strategy) => {
    const [its, own] = [ofBag, alone].map((list) =>
      list.find((each) => each.strategy === strategy && isFor(each)),
    )
    return its ?? own ?? []
  })
}
