import type { ClubId } from '../ids'
import { cautionsOf, type Caution } from './cautions'
import { isTurn, type Fix } from './fixes'
import { firstShut, type Gate, type Shut } from './gate'
import { evenSteps, stepsOf, sumEven, withFixes, type PaperBag, type PaperStep } from './paper-bag'
import { BEND_STEP_DEG } from './refit-club'
import { bestBends, bestDrops, bestPurchases, type Found, type Sought, type Trouble } from './search'

/** Different ways to mend a bag: bend what is there, buy one club, go without one. */
export const WAYS = ['least-work', 'one-purchase', 'lighter-bag'] as const
export type Way = (typeof WAYS)[number]

/** A set of fixes that makes more steps even, with all that it changes. */
export type Proposal = {
  way: Way
  fixes: Fix[]
  /** The steps it is for. */
  troubles: Trouble[]
  /** How many steps are likely even, before and after. */
  before: number
  after: number
  /** Every step as it would be. */
  steps: PaperStep[]
  cautions: Caution[]
  /** Why it is only a preview. */
  shut?: Shut
}

/** A set is proposed only if it makes this much of a step more even, and each step it is for likelier even than not. */
const FROM = { more: { 'least-work': 0.5, 'one-purchase': 0.5, 'lighter-bag': 1.2 }, each: 0.6 } as const

/**
 * What may be done about the troubles of a bag, at most one proposal for each way, by what it is worth. Those behind a shut
 * gate say so.
 */
export function propose(bag: PaperBag, of: readonly Gate[], freeSlots: number): Proposal[] {
  // What is settled comes first; what only leans is looked at where nothing else is.
  const settled = of.filter(({ shut }) => shut !== 'not-settled')
  const gates = settled.length > 0 ? settled : of
  if (gates.length === 0) return []
  const before = evenSteps(bag)
  const open = gates.filter(({ shut }) => shut === undefined)
  const shutOff = new Set(
    gates.filter(({ shut }) => shut !== undefined).flatMap((gate) => [gate.longerId, gate.shorterId]),
  )
  // What may be done now comes first, without the clubs that wait for something; then what may be done in all, as a preview.
  const sought: Sought[] = [
    ...(open.length > 0 ? [{ troubles: open, untouched: shutOff }] : []),
    ...open.map((gate) => ({ troubles: [gate], untouched: shutOff })),
    { troubles: gates },
    ...gates.map((gate) => ({ troubles: [gate] })),
  ]
  const [now, all] = [sought[0], { troubles: gates }] as [Sought, Sought]
  const found: [Way, Found[]][] = [
    ['least-work', sought.map((each) => bestBends(bag, each))],
    ['one-purchase', [now, all].flatMap((each) => bestPurchases(bag, each, freeSlots))],
    ['lighter-bag', [now, all].flatMap((each) => bestDrops(bag, each))],
  ]
  return found.flatMap(([way, each]): Proposal[] => {
    let preview: Proposal | null = null
    for (const { fixes } of each) {
      // One preview is enough: what may be done now is what is looked for.
      if (preview !== null && open.length === 0) break
      const proposal = proposalOf(bag, gates, { way, best: fixes, before })
      if (proposal && proposal.shut === undefined) return [proposal]
      preview ??= proposal
    }
    return preview ? [preview] : []
  })
}

/** A set of fixes as a proposal, with no more bends than it needs; null where it does not mend what it is for. */
function proposalOf(
  bag: PaperBag,
  gates: readonly Gate[],
  { way, best, before }: { way: Way; best: readonly Fix[]; before: number },
): Proposal | null {
  const meantBy = (fixes: readonly Fix[]): Gate[] =>
    gates.filter((trouble) => touches(bag, withFixes(bag, fixes), fixes, trouble))
  const [worst] = meantBy(best)
  const mends = (fixes: readonly Fix[]): boolean => {
    const after = withFixes(bag, fixes)
    const steps = stepsOf(after)
    const meant = meantBy(fixes)
    return (
      sumEven(steps) >= before + FROM.more[way] &&
      meant.some((trouble) => trouble === worst) &&
      meant.every((trouble) => inPlaceOf(bag, after, steps, trouble).every(({ even }) => even >= FROM.each))
    )
  }
  if (!mends(best)) return null
  const fixes = leastBends(best, (less) => (mends(less) ? sumEven(stepsOf(withFixes(bag, less))) : null))
  const steps = stepsOf(withFixes(bag, fixes))
  const meant = meantBy(fixes)
  const shut = firstShut(meant)
  return {
    way,
    fixes,
    troubles: meant.map(({ longerId, shorterId }) => ({ longerId, shorterId })),
    before,
    after: sumEven(steps),
    steps,
    cautions: cautionsOf(
      fixes,
      [...bag.clubs, ...bag.rack].map(({ club }) => club),
    ),
    ...(shut && { shut }),
  }
}

/**
 * A set of fixes with its bends taken back, half a degree after the other, as long as it mends the worst of what it is for:
 * what a clubmaker would rather not touch stays as it is.
 * @param worth of a set; null where it does not do it any more
 */
function leastBends(fixes: readonly Fix[], worth: (fixes: readonly Fix[]) => number | null): Fix[] {
  let now = [...fixes]
  for (;;) {
    const less = now.flatMap((fix, i) => {
      if (!isTurn(fix)) return []
      const degrees = fix.degrees - Math.sign(fix.degrees) * BEND_STEP_DEG
      const rest = degrees === 0 ? now.toSpliced(i, 1) : now.with(i, { ...fix, degrees })
      const left = worth(rest)
      return left === null ? [] : [{ rest, left }]
    })
    const best = less.reduce<(typeof less)[number] | null>(
      (a, b) => (a === null || b.left > a.left ? b : a),
      null,
    )
    if (!best) return now
    now = best.rest
  }
}

const placeOf = ({ clubs }: PaperBag, id: ClubId): number => clubs.findIndex(({ club }) => club.id === id)

/** Whether some fixes change a step: one of its clubs, or what stands between them. */
function touches(
  before: PaperBag,
  after: PaperBag,
  fixes: readonly Fix[],
  { longerId, shorterId }: Trouble,
): boolean {
  const changed = fixes.some(
    (fix) => 'clubId' in fix && (fix.clubId === longerId || fix.clubId === shorterId),
  )
  const [a, b] = [placeOf(after, longerId), placeOf(after, shorterId)]
  return changed || (a >= 0 && b >= 0 && b - a !== placeOf(before, shorterId) - placeOf(before, longerId))
}

/** The steps that stand in the place of one: between its clubs, or across the club that is gone. */
function inPlaceOf(
  before: PaperBag,
  after: PaperBag,
  steps: readonly PaperStep[],
  { longerId, shorterId }: Trouble,
): PaperStep[] {
  const [a, b] = [placeOf(after, longerId), placeOf(after, shorterId)]
  // A club that is gone leaves its neighbour on that side.
  const from = a >= 0 ? a : lastBefore(before, after, longerId)
  const to = b >= 0 ? b : firstAfter(before, after, shorterId)
  const ids = after.clubs.slice(Math.max(0, from), to < 0 ? undefined : to + 1).map(({ club }) => club.id)
  return steps.filter((step) => ids.includes(step.longerId) && ids.includes(step.shorterId))
}

function lastBefore(before: PaperBag, after: PaperBag, id: ClubId): number {
  const stay = before.clubs.slice(0, placeOf(before, id)).findLast(({ club }) => placeOf(after, club.id) >= 0)
  return stay ? placeOf(after, stay.club.id) : -1
}

function firstAfter(before: PaperBag, after: PaperBag, id: ClubId): number {
  const stay = before.clubs.slice(placeOf(before, id) + 1).find(({ club }) => placeOf(after, club.id) >= 0)
  return stay ? placeOf(after, stay.club.id) : -1
}
