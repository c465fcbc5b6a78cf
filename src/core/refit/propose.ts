import type { Fix } from './fixes'
import type { Gate } from './gate'
import type { PaperBag } from './paper-bag'
import { proposalOf, WAYS, type BestTried, type Proposal } from './proposal'
import { ranked, worthOf, type Trouble } from './search'
import { everything, fewer, leastWork, onePurchase, type Proposing } from './ways'

/** What may be done about the troubles of a bag, at most one proposal for each way. Those behind a shut gate say so. */
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
    ({ way, fixes }) =>
      way !== 'everything' ||
      !found.some(
        (other) => other.way !== 'everything' && JSON.stringify(other.fixes) === JSON.stringify(fixes),
      ),
  )
  if (proposals.length > 0 || gates.length === 0) return { proposals }
  const [best] = ranked(bag, tried)
  if (!best || best.length === 0 || worthOf(bag, best) <= worthOf(bag, [])) return { proposals }
  return { proposals, bestTried: proposalOf(bag, gates, 'least-work', best) }
}

/** The proposals that answer one gap, the cheapest way first: those of the whole bag that are for it, and else those for it alone. */
export function answersTo(
  trouble: Trouble,
  bag: PaperBag,
  gates: readonly Gate[],
  rules: Proposing,
  ofBag: readonly Proposal[],
): Proposal[] {
  const isFor = ({ troubles }: Proposal): boolean =>
    troubles.some(
      ({ longerId, shorterId }) => longerId === trouble.longerId && shorterId === trouble.shorterId,
    )
  const alone = propose(bag, gates, { ...rules, only: trouble }).proposals.filter(isFor)
  return WAYS.flatMap((way) => {
    const [its, own] = [ofBag, alone].map((list) => list.find((each) => each.way === way && isFor(each)))
    return its ?? own ?? []
  })
}
