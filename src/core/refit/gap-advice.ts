import type { BagAnalysis } from '../analysis/bag-analysis'
import { isSameGap, type GapClubs } from '../gaps/gap-clubs'
import type { Gap } from '../gaps/gap'
import type { Fix } from './fixes'
import type { DaysOfClubs, Gate } from './gate'
import { fixesOfLongClub, type LongClubAdvice } from './long-clubs'
import { withoutChange, type NoChange } from './no-change'
import type { Proposal } from './proposal'
import type { RefitClub } from '../bag/bag'

/** What has to come before a change of clubs; `refit` where nothing has to. */
type FirstFix = 'retest' | 'strike' | 'measure-lofts' | 'swing' | 'refit' | 'none'

/** The one thing to do about a gap. */
type Advice =
  | { kind: 'no-change'; item: NoChange }
  | { kind: 'long-club'; longClub: LongClubAdvice }
  | { kind: 'measure-lofts' }
  | { kind: 'proposal'; proposal: Proposal }
  | { kind: 'none' }

/** A gap that is not good, with the possible fixes. */
export type GapAdvice = GapClubs & {
  fix: FirstFix
  noChange: NoChange[]
  /** Changes of clubs, the cheapest first. */
  proposals: Proposal[]
  /** What to do first. */
  advice: Advice
}

type BeforeChange = Omit<GapAdvice, 'proposals' | 'advice'>

/** What helps with a gap without a change of clubs, and what to do first. */
export function beforeChange(
  gate: Gate,
  analysis: Pick<BagAnalysis, 'stocks' | 'gaps' | 'next'>,
  days: DaysOfClubs,
  clubs: readonly RefitClub[],
): BeforeChange {
  const noChange = withoutChange(gate, analysis, days, clubs)
  const gap = analysis.gaps.find((each) => isSameGap(each, gate))
  const { longerId, shorterId } = gate
  return { longerId, shorterId, fix: firstFix(gate, noChange, gap), noChange }
}

function firstFix({ shut }: Gate, noChange: readonly NoChange[], gap: Gap | undefined): FirstFix {
  if (shut === 'not-settled' || shut === 'few-shots') return 'retest'
  // A swing that was hit already changes no club: it needs no gate.
  if (noChange.some(({ kind }) => kind === 'swing')) return 'swing'
  if (shut === 'strike') return 'strike'
  // Where a club is missing by loft, measured lofts would not change the advice.
  const isMissingClub = gap?.verdict === 'too-wide' && gap.absentClubs > 0
  return shut === 'lofts-not-measured' && !isMissingClub ? 'measure-lofts' : 'refit'
}

/**
 * Adds the changes of clubs, and what to do first.
 * @param longClub what is advised about these two clubs where they are the longest ones
 */
export const gapAdvice = (
  before: BeforeChange,
  proposals: Proposal[],
  longClub: LongClubAdvice | undefined,
): GapAdvice => ({
  ...before,
  ...(before.fix === 'refit' && proposals.length === 0 && { fix: 'none' }),
  proposals,
  advice: adviceOn(before, proposals, longClub),
})

/**
 * The first that applies: more shots, a swing that fits, the longest clubs, the strike, measured lofts, a change of clubs, unset lofts,
 * gripping down.
 */
function adviceOn(
  { fix, noChange }: BeforeChange,
  proposals: readonly Proposal[],
  longClub: LongClubAdvice | undefined,
): Advice {
  const noChangeOf = (kind: NoChange['kind']): Advice[] =>
    noChange.filter((each) => each.kind === kind).map((item) => ({ kind: 'no-change', item }))
  const proposal = proposals.find(({ shut }) => shut === undefined)
  const [first] = [
    ...(fix === 'retest' || fix === 'swing' ? noChangeOf(fix) : []),
    ...(longClub ? [{ kind: 'long-club' as const, longClub }] : []),
    ...(fix === 'strike' ? noChangeOf('strike') : []),
    ...(fix === 'measure-lofts' ? [{ kind: 'measure-lofts' as const }] : []),
    ...(proposal ? [{ kind: 'proposal' as const, proposal }] : []),
    ...noChangeOf('set-lofts'),
    ...noChangeOf('grip'),
  ]
  return first ?? { kind: 'none' }
}

/** The changes of clubs that an advice names. */
export function fixesOf(advice: Advice): Fix[] {
  if (advice.kind === 'proposal') return advice.proposal.fixes
  return advice.kind === 'long-club' ? fixesOfLongClub(advice.longClub) : []
}
