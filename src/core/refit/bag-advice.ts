import type { BagAnalysis } from '../analysis/bag-analysis'
import type { ClubKind } from '../bag/club'
import { ordinaryRun } from '../stock/station-run'
import type { GapClubs } from '../gaps/gap-clubs'
import { carryDifference, isMeasured } from '../gaps/gap'
import type { ClubId } from '../model/ids'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf } from '../model/station'
import { isHit, type HitStock } from '../stock/stock'
import type { RefitClub } from '../bag/bag'
import { isHeldByGreen, keepWhich, sameJob, SAME_JOB_FROM, type KeptFor } from './same-job'
import { reachesDriver, topEnd, type LongClub, type TopEnd } from './top-end'

export type SameJob = GapClubs & { probability: number; keep?: ClubId; because?: KeptFor }

/** Advice about a bag besides its gaps. */
export type BagAdvice = {
  sameJobs: SameJob[]
  topEnd: TopEnd | null
  /** Fairway clubs whose total reaches the driver's carry. */
  reachDriver: ClubId[]
  /** Clubs whose full shots do not stay on a green on normal ground: judged on total. */
  runUp: ClubId[]
}

/** A bag with what its shots show. */
export type HitBag = {
  clubs: readonly RefitClub[]
  analysis: Pick<BagAnalysis, 'stocks' | 'gaps'>
}

/** Clubs of one job, the driver compared with the fairway clubs, and clubs that do not stop on a green. */
export function bagAdvice(bag: HitBag): BagAdvice {
  return {
    sameJobs: sameJobs(bag),
    ...longEnd(bag),
    runUp: runUpClubs(bag),
  }
}

/** A club with its stock. */
export type HitClub = { id: ClubId; stock: HitStock; club: RefitClub | undefined }

export function hitClub({ clubs, analysis }: HitBag, id: ClubId): HitClub | null {
  const stock = atStation(analysis.stocks, fullSwingOf(id))
  return isHit(stock) ? { id, stock, club: clubs.find((club) => club.id === id) } : null
}

/** Neighbours that do the same job, as far as that is likely. */
function sameJobs(bag: HitBag): SameJob[] {
  return bag.analysis.gaps.filter(isMeasured).flatMap((gap): SameJob[] => {
    const { longerId, shorterId, lowM, highM, leftOnPurpose } = gap
    const [longer, shorter] = [hitClub(bag, longerId), hitClub(bag, shorterId)]
    if (!longer || !shorter || leftOnPurpose !== undefined) return []
    const use = { ...clubUseOf(shorter.stock), carryM: shorter.stock.carryM }
    const probability = sameJob(
      { ...clubUseOf(longer.stock), carryM: use.carryM + carryDifference(gap) },
      use,
      sdOf({ lowM, highM }),
    )
    if (probability === null || probability < SAME_JOB_FROM.probably) return []
    return [{ longerId, shorterId, probability, ...whichToKeep(longer, shorter) }]
  })
}

/** Which of two to keep, and why; neither where they are alike. */
export function whichToKeep(longer: HitClub, shorter: HitClub): { keep?: ClubId; because?: KeptFor } {
  const kept = keepWhich(keepingOf(longer), keepingOf(shorter))
  return kept ? { keep: kept.keep === 0 ? longer.id : shorter.id, because: kept.because } : {}
}

/** How a stock lands and runs, as measured, else by the model. */
export function clubUseOf(stock: HitStock): { landingDeg?: number; runM?: number } {
  const landingDeg = stock.averages.landingDeg ?? stock.modelled?.landingDeg
  const run = ordinaryRun(stock)
  return { ...(landingDeg !== undefined && { landingDeg }), ...(run && { runM: run.runM }) }
}

function keepingOf({ stock, club }: HitClub) {
  const { landingDeg } = clubUseOf(stock)
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

/** Hit clubs of some kinds with their carries, totals and standard deviations. */
const hitOfKinds = (bag: HitBag, ...kinds: ClubKind[]): (LongClub & { id: ClubId })[] =>
  bag.clubs.flatMap(({ id, kind }) => {
    const stock = kinds.includes(kind) ? hitClub(bag, id)?.stock : undefined
    const run = stock && ordinaryRun(stock)
    return run ? [{ id, carryM: stock.carryM, totalM: run.totalM, sdM: sdOf(stock) }] : []
  })

/** How much longer the driver is, and the fairway clubs that carry as far. */
function longEnd(bag: HitBag): Pick<BagAdvice, 'topEnd' | 'reachDriver'> {
  const [driver] = hitOfKinds(bag, 'driver')
  if (!driver) return { topEnd: null, reachDriver: [] }
  const fairway = hitOfKinds(bag, 'wood', 'hybrid')
  return {
    topEnd: topEnd(driver, fairway),
    reachDriver: fairway.filter((club) => reachesDriver(club, driver)).map(({ id }) => id),
  }
}

function runUpClubs({ clubs, analysis }: HitBag): ClubId[] {
  return clubs.flatMap(({ id, kind }) => {
    const stock = atStation(analysis.stocks, fullSwingOf(id))
    return kind !== 'driver' && isHit(stock) && isHeldByGreen(clubUseOf(stock)) === 'no' ? [id] : []
  })
}
