import type { GapClubs } from '../gaps/gap-clubs'
import { isJudged, type JudgedGap } from '../gaps/gap'
import type { ClubId } from '../model/ids'
import { clubUseOf, whichToKeep, hitClub, type HitBag, type HitClub } from './bag-advice'
import type { Fix } from './fixes'
import { gripBetween } from './no-change'
import type { PaperBag } from './paper-bag'
import { withFixes } from './paper-fixes'
import { gapsOf } from './paper-gaps'
import { loftLimits } from './refit-club'
import type { KeptFor } from './same-job'
import { additions, ranked, worthOf } from './search'

/** Advice for two long clubs of which the longer is not longer, or for a gap below the driver. */
export type LongClubAdvice = GapClubs &
  (
    | { kind: 'strike'; clubId: ClubId }
    /** It lands flat: more loft, by its sleeve or as another club. */
    | { kind: 'more-loft'; clubId: ClubId; landingDeg: number; degrees: number; fixes: Fix[] }
    /** One of them goes, and the slot is worth most elsewhere. */
    | { kind: 'take-out'; clubId: ClubId; keep: ClubId; because: KeptFor; fixes: Fix[]; slot?: FreeSlot }
    /** The next club is far below the driver: the driver gripped down, or a club between the two. */
    | { kind: 'below-driver'; grip?: { cm: number; carryM: number }; fixes: Fix[] }
  )

/** Where a free slot is worth most: a club between two others. */
type FreeSlot = GapClubs & { fix: Fix }

/** The changes of clubs that it names. */
export const fixesOfLongClub = (advice: LongClubAdvice): Fix[] => ('fixes' in advice ? advice.fixes : [])

/** A long club that lands flatter than this carries further with more loft (common practice). */
const LANDS_FLAT_DEG = 38
/** Degrees of added loft that are tried (common practice). */
const MORE_LOFT_DEG = [1, 1.5, 2]

/** Woods and hybrids of which the longer is confirmed not to be longer, with what to do in this order: the strike, more loft, one of them less. */
export function longClubs(bag: HitBag, paper: PaperBag): LongClubAdvice[] {
  const isLong = (hit: HitClub | null): hit is HitClub =>
    hit?.club?.kind === 'wood' || hit?.club?.kind === 'hybrid'
  return bag.analysis.gaps.flatMap((gap): LongClubAdvice[] => {
    if (!isJudged(gap) || !gap.settled || gap.leftOnPurpose !== undefined) return []
    if (isFarBelowDriver(gap, bag)) return [belowDriver(gap, bag, paper)]
    if (gap.verdict !== 'reversed' && gap.verdict !== 'same-distance') return []
    const [longer, shorter] = [hitClub(bag, gap.longerId), hitClub(bag, gap.shorterId)]
    if (!isLong(longer) || !isLong(shorter)) return []
    const ids = { longerId: gap.longerId, shorterId: gap.shorterId }
    if (longer.stock.offCurve?.cause === 'strike') return [{ ...ids, kind: 'strike', clubId: longer.id }]
    return [moreLoft(longer, ids, paper) ?? takenOut(longer, shorter, ids, paper)]
  })
}

/** A gap below the driver that is too wide, or borderline at that, unless the club below it is no longer than the next one. */
function isFarBelowDriver(
  { longerId, shorterId, verdict, lineM, limitsM }: JudgedGap,
  { clubs, analysis }: HitBag,
): boolean {
  const next = analysis.gaps.find((gap) => gap.longerId === shorterId)
  return (
    clubs.find(({ id }) => id === longerId)?.kind === 'driver' &&
    (verdict === 'too-wide' || (verdict === 'borderline' && lineM === limitsM.tooWide)) &&
    next?.verdict !== 'reversed' &&
    next?.verdict !== 'same-distance'
  )
}

function belowDriver(
  { longerId, shorterId }: JudgedGap,
  { analysis }: HitBag,
  paper: PaperBag,
): LongClubAdvice {
  const grip = gripBetween(analysis.stocks, { longerId, shorterId })
  const [add] = additions({ ...paper, rack: [] }, { gapsToImprove: [{ longerId, shorterId }] }, 1)
  return {
    longerId,
    shorterId,
    kind: 'below-driver',
    ...(grip && { grip: { cm: grip.cm, carryM: grip.carryM } }),
    fixes: add ?? [],
  }
}

function moreLoft({ id, stock, club }: HitClub, gap: GapClubs, paper: PaperBag): LongClubAdvice | null {
  const { landingDeg } = clubUseOf(stock)
  const shorterLoft = paper.clubs.find((each) => each.club.id === gap.shorterId)?.club.loftDeg ?? null
  if (landingDeg === undefined || landingDeg >= LANDS_FLAT_DEG || !club || club.loftDeg === null) return null
  const loftDeg = club.loftDeg
  const most = loftLimits(club)
  const degrees = MORE_LOFT_DEG.filter(
    (more) =>
      (most.kind === 'none' || more <= most.weaker) && (shorterLoft === null || loftDeg + more < shorterLoft),
  ).at(-1)
  if (degrees === undefined) return null
  const fix: Fix =
    most.kind === 'none'
      ? { kind: 'swap', clubId: id, loftDeg: loftDeg + degrees }
      : { kind: most.kind, clubId: id, degrees }
  return { ...gap, kind: 'more-loft', clubId: id, landingDeg, degrees, fixes: [fix] }
}

function takenOut(longer: HitClub, shorter: HitClub, gap: GapClubs, paper: PaperBag): LongClubAdvice {
  const { keep = shorter.id, because = 'easier' } = whichToKeep(longer, shorter)
  const clubId = keep === longer.id ? shorter.id : longer.id
  const fixes: Fix[] = [{ kind: 'drop', clubId }]
  const slot = freeSlot(withFixes(paper, fixes))
  return { ...gap, kind: 'take-out', clubId, keep, because, fixes, ...(slot && { slot }) }
}

/** Where one more club is worth most; null where it gains nothing. */
function freeSlot(bag: PaperBag): FreeSlot | null {
  const gaps = gapsOf(bag).filter(({ gapM, limitsM }) => limitsM !== null && gapM > limitsM.tooWide)
  const [best] = ranked(
    bag,
    gaps.flatMap((gap) => additions({ ...bag, rack: [] }, { gapsToImprove: [gap] }, 1)),
  )
  const [fix] = best ?? []
  if (!best || !fix || worthOf(bag, best) <= worthOf(bag, [])) return null
  const added = withFixes(bag, best).clubs
  const at = added.findIndex(({ club }) => !bag.clubs.some((each) => each.club.id === club.id))
  const [above, below] = [added[at - 1], added[at + 1]]
  return above && below ? { longerId: above.club.id, shorterId: below.club.id, fix } : null
}
