import type { Stretch } from '../model/coverage'
import { isSameGap } from '../gaps/gap-clubs'
import type { ClubId } from '../model/ids'
import { yards } from '../units'
import type { Fix } from './fixes'
import { isTurn } from './fixes'
import type { PaperBag, PaperClub } from './paper-bag'
import { coverOn, evaluate, goodGaps, type PaperGap } from './paper-gaps'
import { crosses, outsideM, WORSE_M, worthOf } from './search'
import { phi } from '../math/normal'

/** The limits of what may be proposed, besides the bag itself. */
export type ProposalRules = {
  /** How near a stock must be to a number to cover it, in metres. */
  toleranceM: number
  /** The distances that cost this golfer shots. */
  focusM?: Stretch
  freeSlots: number
  /** Clubs that are to be kept, since they are the better ones of two that do the same job. */
  kept: ReadonlySet<ClubId>
}

/** Without a club there may be no more than this after one is taken out, in the focus distances and elsewhere (common practice). */
const MOST_UNCOVERED_M = { focus: yards(12), elsewhere: yards(20) }

/** Why some fixes are never proposed. */
type Refused =
  | 'two-roles'
  | 'end-of-bag'
  | 'kept-club'
  | 'leaves-distances'
  | 'slot-is-free'
  | 'loft-order'
  | 'worse-gap'
  | 'fewer-good-gaps'

/**
 * Why some fixes may not be proposed; null where they may.
 * @param costs the golfer chose fewer clubs and sees what that costs: good gaps may be lost
 */
export function refused(
  bag: PaperBag,
  fixes: readonly Fix[],
  rules: ProposalRules,
  { costs = false }: { costs?: boolean } = {},
): Refused | null {
  const ids = fixes.flatMap((fix) => ('clubId' in fix && fix.clubId !== undefined ? [fix.clubId] : []))
  if (new Set(ids).size < ids.length) return 'two-roles'
  const dropped = fixes.flatMap((fix) => (fix.kind === 'drop' ? [fix.clubId] : []))
  if (dropped.some((id) => isEnd(bag, id))) return 'end-of-bag'
  if (dropped.some((id) => rules.kept.has(id))) return 'kept-club'
  const after = evaluate(bag, fixes).bag
  if (dropped.length > 0 && leavesDistances(bag, after, rules)) return 'leaves-distances'
  if (rules.freeSlots > 0 && isReplacement(fixes) && anAdditionDoes(bag, fixes)) return 'slot-is-free'
  if (crossesAny(bag, after, fixes)) return 'loft-order'
  if (costs) return null
  const [before, gaps] = [evaluate(bag, []).gaps, evaluate(bag, fixes).gaps]
  if (gaps.some((gap) => isWorse(gap, before))) return 'worse-gap'
  return goodGaps(gaps).good < goodGaps(before).good ? 'fewer-good-gaps' : null
}

/** Whether a gap is further outside its limits than it was, or is new and rather too close than good. */
function isWorse(gap: PaperGap, before: readonly PaperGap[]): boolean {
  const { gapM, limitsM, sdM, good } = gap
  if (limitsM === null) return false
  const was = before.find((each) => isSameGap(each, gap))
  if (!was) return phi((limitsM.tooClose - gapM) / sdM) > good
  // Limits may move with the bag: only a gap that moved itself can be worse.
  const moved = Math.abs(gapM - was.gapM) > 1e-6
  return moved && was.limitsM !== null && outsideM(gapM, limitsM) > outsideM(was.gapM, was.limitsM) + WORSE_M
}

/** The driver, and the clubs that carry furthest and shortest; of a bag that was not hit its first and last. */
export function isEnd({ clubs }: PaperBag, id: ClubId): boolean {
  const hit = clubs.filter(({ carryM }) => carryM !== null).sort((a, b) => (b.carryM ?? 0) - (a.carryM ?? 0))
  const ends = [hit.at(0), hit.at(-1), clubs.at(-1)]
  const club = clubs.find((each) => each.club.id === id)
  return club === undefined || club.club.kind === 'driver' || ends.includes(club)
}

/** Whether more distances are left without a club than may be, and some of them had one. */
function leavesDistances(before: PaperBag, after: PaperBag, { toleranceM, focusM }: ProposalRules): boolean {
  const carries = before.clubs.flatMap(({ carryM }) => carryM ?? [])
  if (carries.length < 2) return false
  const span: Stretch = [Math.min(...carries), Math.max(...carries)]
  const leaves = (zone: Stretch, mostM: number): boolean =>
    newlyUncovered(before, after, toleranceM, zone).some(
      ({ range: [from, to], newM }) => to - from > mostM && newM > toleranceM,
    )
  return (
    leaves(span, MOST_UNCOVERED_M.elsewhere) ||
    (focusM !== undefined && leaves(focusM, MOST_UNCOVERED_M.focus))
  )
}

/** The distances without a club after a change, each with how much of it had one before; the widest first. */
export function newlyUncovered(
  before: PaperBag,
  after: PaperBag,
  toleranceM: number,
  zone: Stretch,
): { range: Stretch; newM: number }[] {
  const were = coverOn(before, toleranceM, zone).uncovered
  return coverOn(after, toleranceM, zone)
    .uncovered.map((range) => {
      const [from, to] = range
      const shared = were.reduce((sum, [a, b]) => sum + Math.max(0, Math.min(b, to) - Math.max(a, from)), 0)
      return { range, newM: to - from - shared }
    })
    .filter(({ newM }) => newM > LEAST_NEW_M)
    .sort((a, b) => b.range[1] - b.range[0] - (a.range[1] - a.range[0]))
}
/** Less than this is no distance that a golfer would miss. */
const LEAST_NEW_M = yards(1)

/** Something comes in and something goes. */
const isReplacement = (fixes: readonly Fix[]): boolean =>
  fixes.some(({ kind }) => kind === 'swap') ||
  (fixes.some(({ kind }) => kind === 'add') && fixes.some(({ kind }) => kind === 'drop'))

/** Whether the same club added to the bag does as well as in the place of another. */
function anAdditionDoes(bag: PaperBag, fixes: readonly Fix[]): boolean {
  const added = fixes.flatMap((fix): Fix[] =>
    fix.kind === 'swap' ? [{ kind: 'add', loftDeg: fix.loftDeg }] : fix.kind === 'add' ? [fix] : [],
  )
  return worthOf(bag, added) >= worthOf(bag, fixes) - 1e-9
}

/** Whether a club that is changed comes to have a stronger loft than its longer neighbour, or a weaker one than its shorter one. */
function crossesAny(before: PaperBag, after: PaperBag, fixes: readonly Fix[]): boolean {
  const was = (each: PaperClub) => before.clubs.find(({ club }) => club.id === each.club.id)
  const isChanged = (each: PaperClub) =>
    was(each) === undefined ||
    fixes.some((fix) => (isTurn(fix) || fix.kind === 'swap') && fix.clubId === each.club.id)
  return after.clubs.slice(1).some((shorter, i) => {
    const longer = after.clubs[i] as PaperClub
    return (isChanged(longer) || isChanged(shorter)) && crosses(longer, shorter, was(longer), was(shorter))
  })
}
