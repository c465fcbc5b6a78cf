import type { BagAnalysis } from '../analyse-bag'
import { ordinaryRun } from '../flight/station-run'
import { carriesApart, isJudged, isMeasured, type JudgedStep } from '../gaps/step'
import type { ClubId } from '../ids'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf } from '../station'
import { isHit, type HitStock } from '../stock/stock'
import type { Fix } from './fixes'
import { gripBetween } from './no-change'
import { additions, ranked, worthOf } from './search'
import { stepsOf, withFixes, type PaperBag } from './paper-bag'
import { loftLimits, type RefitClub } from './refit-club'
import { holdsGreen, keepWhich, sameJob, SAME_JOB_FROM, type KeptFor } from './same-job'
import { reachesDriver, topEnd, type LongClub, type TopEnd } from './top-end'

export type SameJob = {
  longerId: ClubId
  shorterId: ClubId
  probability: number
  keep?: ClubId
  because?: KeptFor
}

/** What to do about two long clubs of which the longer is not longer. */
export type LongClubAnswer = { longerId: ClubId; shorterId: ClubId } & (
  | { kind: 'strike'; clubId: ClubId }
  /** It lands flat: more loft, by its sleeve or as another club. */
  | { kind: 'more-loft'; clubId: ClubId; landingDeg: number; degrees: number; fixes: Fix[] }
  /** One of them goes, and the slot is worth most elsewhere. */
  | { kind: 'take-out'; clubId: ClubId; keep: ClubId; because: KeptFor; fixes: Fix[]; slot?: FreeSlot }
  /** The next club is far below the driver: the driver gripped down, or a club between the two. */
  | { kind: 'below-driver'; grip?: { cm: number; carryM: number }; fixes: Fix[] }
)

/** Where a free slot is worth most: a club between two others. */
export type FreeSlot = { longerId: ClubId; shorterId: ClubId; fix: Fix }

/** What a bag says besides its troubles. */
export type BagAdvice = {
  sameJobs: SameJob[]
  topEnd: TopEnd | null
  /** Fairway clubs whose total reaches the driver's carry. */
  reachDriver: ClubId[]
  /** Clubs whose full shots do not stay on a green on normal ground: judged on total. */
  runUp: ClubId[]
  longClubs: LongClubAnswer[]
}

export type Advised = {
  clubs: readonly RefitClub[]
  analysis: Pick<BagAnalysis, 'stocks' | 'steps'>
}

/** Clubs of one job, the top end, and what to do about long clubs that are not longer. */
export function bagAdvice(advised: Advised, bag: PaperBag): BagAdvice {
  return {
    sameJobs: sameJobs(advised),
    topEnd: topEndOf(advised),
    reachDriver: reachingDriver(advised),
    runUp: runUpClubs(advised),
    longClubs: longClubs(advised, bag),
  }
}

type Side = { id: ClubId; stock: HitStock; club: RefitClub | undefined }

function sideOf({ clubs, analysis }: Advised, id: ClubId): Side | null {
  const stock = atStation(analysis.stocks, fullSwingOf(id))
  return isHit(stock) ? { id, stock, club: clubs.find((club) => club.id === id) } : null
}

/** Neighbours that do the same job, as far as that is likely. */
function sameJobs(advised: Advised): SameJob[] {
  return advised.analysis.steps.filter(isMeasured).flatMap((step): SameJob[] => {
    const { longerId, shorterId, lowM, highM, leftOnPurpose } = step
    const [longer, shorter] = [sideOf(advised, longerId), sideOf(advised, shorterId)]
    if (!longer || !shorter || leftOnPurpose !== undefined) return []
    const doing = { ...doingOf(shorter.stock), carryM: shorter.stock.carryM }
    const probability = sameJob(
      { ...doingOf(longer.stock), carryM: doing.carryM + carriesApart(step) },
      doing,
      sdOf({ lowM, highM }),
    )
    if (probability === null || probability < SAME_JOB_FROM.probably) return []
    return [{ longerId, shorterId, probability, ...better(longer, shorter) }]
  })
}

/** Which of two to keep, and why; nothing where nothing decides. */
function better(longer: Side, shorter: Side): { keep?: ClubId; because?: KeptFor } {
  const kept = keepWhich(keepingOf(longer), keepingOf(shorter))
  return kept ? { keep: kept.keep === 0 ? longer.id : shorter.id, because: kept.because } : {}
}

/** How a stock lands and runs, as measured, else by the model. */
export function doingOf(stock: HitStock): { landingDeg?: number; runM?: number } {
  const landingDeg = stock.averages.landingDeg ?? stock.modelled?.landingDeg
  const run = ordinaryRun(stock)
  return { ...(landingDeg !== undefined && { landingDeg }), ...(run && { runM: run.runM }) }
}

function keepingOf({ stock, club }: Side) {
  const { landingDeg } = doingOf(stock)
  const missed = stock.missed?.count ?? 0
  return {
    ...(stock.sdM !== undefined && { spread: stock.sdM / stock.carryM }),
    count: stock.count,
    ...(landingDeg !== undefined && { landingDeg }),
    solidShare: stock.count / (stock.count + missed),
    ...(club?.liking !== undefined && { liking: club.liking }),
    ...(club && { loftDeg: club.loftDeg, isHybrid: club.kind === 'hybrid' }),
  }
}

function topEndOf({ clubs, analysis }: Advised): TopEnd | null {
  const totals = (kinds: readonly string[]) =>
    clubs.flatMap(({ id, kind }) => {
      const stock = atStation(analysis.stocks, fullSwingOf(id))
      const run = isHit(stock) ? ordinaryRun(stock) : null
      return kinds.includes(kind) && run ? [{ totalM: run.totalM }] : []
    })
  const [driver] = totals(['driver'])
  return driver ? topEnd(driver, totals(['wood', 'hybrid'])) : null
}

/** A club of the top end with what it carries, totals, and how surely. */
function longClub(analysis: Advised['analysis'], id: ClubId): LongClub | null {
  const stock = atStation(analysis.stocks, fullSwingOf(id))
  const run = isHit(stock) ? ordinaryRun(stock) : null
  return isHit(stock) && run ? { carryM: stock.carryM, totalM: run.totalM, sdM: sdOf(stock) } : null
}

function reachingDriver({ clubs, analysis }: Advised): ClubId[] {
  const driver = clubs.find(({ kind }) => kind === 'driver')
  const longest = driver && longClub(analysis, driver.id)
  if (!longest) return []
  return clubs.flatMap(({ id, kind }) => {
    const fairway = kind === 'wood' || kind === 'hybrid' ? longClub(analysis, id) : null
    return fairway && reachesDriver(fairway, longest) ? [id] : []
  })
}

function runUpClubs({ clubs, analysis }: Advised): ClubId[] {
  return clubs.flatMap(({ id, kind }) => {
    const stock = atStation(analysis.stocks, fullSwingOf(id))
    return kind !== 'driver' && isHit(stock) && holdsGreen(doingOf(stock)) === 'no' ? [id] : []
  })
}

/** A long club that lands flatter than this carries further with more loft (common practice). */
const LANDS_FLAT_DEG = 38
/** So much more loft is tried (common practice). */
const MORE_LOFT_DEG = [1, 1.5, 2]

/** Woods and hybrids of which the longer is confirmed not to be longer, with what to do in this order: the strike, more loft, one of them less. */
function longClubs(advised: Advised, bag: PaperBag): LongClubAnswer[] {
  const isLong = (side: Side | null): side is Side =>
    side?.club?.kind === 'wood' || side?.club?.kind === 'hybrid'
  return advised.analysis.steps.flatMap((step): LongClubAnswer[] => {
    if (!isJudged(step) || !step.settled || step.leftOnPurpose !== undefined) return []
    if (isFarBelowDriver(step, advised)) return [belowDriver(step, advised, bag)]
    if (step.verdict !== 'reversed' && step.verdict !== 'level') return []
    const [longer, shorter] = [sideOf(advised, step.longerId), sideOf(advised, step.shorterId)]
    if (!isLong(longer) || !isLong(shorter)) return []
    const pair = { longerId: step.longerId, shorterId: step.shorterId }
    if (longer.stock.offCurve?.cause === 'strike') return [{ ...pair, kind: 'strike', clubId: longer.id }]
    return [moreLoft(longer, pair, bag) ?? takenOut(longer, shorter, pair, bag)]
  })
}

type Pair = { longerId: ClubId; shorterId: ClubId }

/** A gap below the driver that is too wide, or borderline at that, unless the club below it is no longer than the next one. */
function isFarBelowDriver(
  { longerId, shorterId, verdict, lineM, limitsM }: JudgedStep,
  { clubs, analysis }: Advised,
): boolean {
  const next = analysis.steps.find((step) => step.longerId === shorterId)
  return (
    clubs.find(({ id }) => id === longerId)?.kind === 'driver' &&
    (verdict === 'wide' || (verdict === 'on-the-line' && lineM === limitsM.wide)) &&
    next?.verdict !== 'reversed' &&
    next?.verdict !== 'level'
  )
}

function belowDriver(
  { longerId, shorterId }: JudgedStep,
  { analysis }: Advised,
  bag: PaperBag,
): LongClubAnswer {
  const grip = gripBetween(analysis.stocks, longerId, shorterId)
  const [add] = additions({ ...bag, rack: [] }, { troubles: [{ longerId, shorterId }] }, 1)
  return {
    longerId,
    shorterId,
    kind: 'below-driver',
    ...(grip && { grip: { cm: grip.cm, carryM: grip.carryM } }),
    fixes: add ?? [],
  }
}

function moreLoft({ id, stock, club }: Side, pair: Pair, bag: PaperBag): LongClubAnswer | null {
  const { landingDeg } = doingOf(stock)
  const shorterLoft = bag.clubs.find((each) => each.club.id === pair.shorterId)?.club.loftDeg ?? null
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
  return { ...pair, kind: 'more-loft', clubId: id, landingDeg, degrees, fixes: [fix] }
}

function takenOut(longer: Side, shorter: Side, pair: Pair, bag: PaperBag): LongClubAnswer {
  const { keep = shorter.id, because = 'easier' } = better(longer, shorter)
  const clubId = keep === longer.id ? shorter.id : longer.id
  const fixes: Fix[] = [{ kind: 'drop', clubId }]
  const slot = freeSlot(withFixes(bag, fixes))
  return { ...pair, kind: 'take-out', clubId, keep, because, fixes, ...(slot && { slot }) }
}

/** Where one more club is worth most; null where it is worth nothing. */
function freeSlot(bag: PaperBag): FreeSlot | null {
  const gaps = stepsOf(bag).filter(({ stepM, limitsM }) => limitsM !== null && stepM > limitsM.wide)
  const [best] = ranked(
    bag,
    gaps.flatMap((gap) => additions({ ...bag, rack: [] }, { troubles: [gap] }, 1)),
  )
  const [fix] = best ?? []
  if (!best || !fix || worthOf(bag, best) <= worthOf(bag, [])) return null
  const added = withFixes(bag, best).clubs
  const at = added.findIndex(({ club }) => !bag.clubs.some((each) => each.club.id === club.id))
  const [above, below] = [added[at - 1], added[at + 1]]
  return above && below ? { longerId: above.club.id, shorterId: below.club.id, fix } : null
}
