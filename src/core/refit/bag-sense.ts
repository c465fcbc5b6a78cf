import type { BagAnalysis, Rules } from '../analyse-bag'
import { DEFAULT_TOLERANCE_M } from '../gaps/cover'
import { ordinaryRun } from '../flight/station-run'
import { carriesApart, isMeasured } from '../gaps/step'
import type { ClubId } from '../ids'
import { sdOf } from '../math/z90'
import { atStation, fullSwingOf } from '../station'
import { isHit, type HitStock } from '../stock/stock'
import type { Gate } from './gate'
import type { AtLoft } from '../wedges/ladder'
import { middleRung, seamChoice, slopeBetween, type SeamChoice } from './ladder'
import { lightBag, type LightBag } from './light-bag'
import { limitsOf, type PaperBag, type PaperClub } from './paper-bag'
import { isOneModel, type RefitClub } from './refit-club'
import { holdsGreen, keepWhich, sameJob, SAME_JOB_FROM, type KEPT_FOR } from './same-job'
import { reachesDriver, topEnd, type LongClub, type TopEnd } from './top-end'

/** What a bag says besides its troubles. */
export type BagSense = {
  sameJobs: SameJob[]
  topEnd: TopEnd | null
  /** Fairway clubs whose total reaches the driver's carry. */
  reachDriver: ClubId[]
  /** Clubs whose full shots do not stay on a green on normal ground: judged on total. */
  runUp: ClubId[]
  /** What the middle of a wide step would carry, by the loft of its two clubs' model. */
  ladders: Ladder[]
  /** The step between the set's irons and the wedges with the bag's wedge there and with those of the rack; null without a choice. */
  seam: Seam | null
  /** What could stay at home at little cost; null where nothing could. */
  light: LightBag | null
}

export type SameJob = {
  longerId: ClubId
  shorterId: ClubId
  probability: number
  keep?: ClubId
  because?: (typeof KEPT_FOR)[number]
}

/** One loft between two clubs of one model: what a degree takes off there, and what it would carry. */
export type Ladder = { longerId: ClubId; shorterId: ClubId; mPerDeg: number } & AtLoft

/** The wedges that could stand at the seam, with the steps above and below each, and which keeps the one below within its limit. */
export type Seam = {
  ironId: ClubId
  belowId: ClubId
  choices: (SeamChoice & { clubId: ClubId })[]
  mostBelowM: number
  best: number | null
}

export type Sensed = {
  clubs: readonly RefitClub[]
  analysis: Pick<BagAnalysis, 'stocks' | 'steps'>
  rules?: Pick<Rules, 'toleranceM' | 'goalZoneM'>
}

/** Clubs of one job, the top end, a light bag, a loft between two. */
export const bagSense = (sensed: Sensed, bag: PaperBag, troubles: readonly Gate[]): BagSense => ({
  sameJobs: sameJobs(sensed),
  topEnd: topEndOf(sensed),
  reachDriver: reachingDriver(sensed),
  runUp: runUpClubs(sensed),
  ladders: laddersOf(bag, troubles),
  seam: seamOf(bag),
  light: lightOf(bag, sensed.rules),
})

/** Neighbours that do the same job, as far as that is likely. */
function sameJobs({ clubs, analysis }: Sensed): SameJob[] {
  return analysis.steps.filter(isMeasured).flatMap((step): SameJob[] => {
    const { longerId, shorterId, lowM, highM, leftOnPurpose } = step
    const sides = [longerId, shorterId].map((id) => {
      const stock = atStation(analysis.stocks, fullSwingOf(id))
      return isHit(stock) ? { stock, club: clubs.find((club) => club.id === id) } : null
    })
    const [longer, shorter] = sides
    if (!longer || !shorter || leftOnPurpose !== undefined) return []
    const doing = { ...doingOf(shorter.stock), carryM: shorter.stock.carryM }
    const probability = sameJob(
      { ...doingOf(longer.stock), carryM: doing.carryM + carriesApart(step) },
      doing,
      sdOf({ lowM, highM }),
    )
    if (probability === null || probability < SAME_JOB_FROM.probably) return []
    const kept = keepWhich(keepingOf(longer), keepingOf(shorter))
    return [
      {
        longerId,
        shorterId,
        probability,
        ...(kept && { keep: kept.keep === 0 ? longerId : shorterId, because: kept.because }),
      },
    ]
  })
}

/** How a stock lands and runs, as measured, else by the model. */
export function doingOf(stock: HitStock): { landingDeg?: number; runM?: number } {
  const landingDeg = stock.averages.landingDeg ?? stock.modelled?.landingDeg
  const run = ordinaryRun(stock)
  return { ...(landingDeg !== undefined && { landingDeg }), ...(run && { runM: run.runM }) }
}

function keepingOf({ stock, club }: { stock: HitStock; club: RefitClub | undefined }) {
  const { landingDeg } = doingOf(stock)
  const missed = stock.missed?.count ?? 0
  return {
    ...(stock.sdM !== undefined && { spread: stock.sdM / stock.carryM }),
    ...(landingDeg !== undefined && { landingDeg }),
    solidShare: stock.count / (stock.count + missed),
    ...(club?.liking !== undefined && { liking: club.liking }),
  }
}

function topEndOf({ clubs, analysis }: Sensed): TopEnd | null {
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
function longClub(analysis: Sensed['analysis'], id: ClubId): LongClub | null {
  const stock = atStation(analysis.stocks, fullSwingOf(id))
  const run = isHit(stock) ? ordinaryRun(stock) : null
  return isHit(stock) && run ? { carryM: stock.carryM, totalM: run.totalM, sdM: sdOf(stock) } : null
}

function reachingDriver({ clubs, analysis }: Sensed): ClubId[] {
  const driver = clubs.find(({ kind }) => kind === 'driver')
  const longest = driver && longClub(analysis, driver.id)
  if (!longest) return []
  return clubs.flatMap(({ id, kind }) => {
    const fairway = kind === 'wood' || kind === 'hybrid' ? longClub(analysis, id) : null
    return fairway && reachesDriver(fairway, longest) ? [id] : []
  })
}

function runUpClubs({ clubs, analysis }: Sensed): ClubId[] {
  return clubs.flatMap(({ id, kind }) => {
    const stock = atStation(analysis.stocks, fullSwingOf(id))
    return kind !== 'driver' && isHit(stock) && holdsGreen(doingOf(stock)) === 'no' ? [id] : []
  })
}

/** Fewer degrees than this between two clubs leave no loft between them. */
const LEAST_LADDER_DEG = 5

function laddersOf({ clubs }: PaperBag, troubles: readonly Gate[]): Ladder[] {
  return troubles.flatMap(({ longerId, shorterId }) => {
    const [longer, shorter] = [longerId, shorterId].map((id) => {
      const each = clubs.find(({ club }) => club.id === id)
      return each?.carryM == null || each.club.loftDeg === null
        ? null
        : { club: each.club, loftDeg: each.club.loftDeg, carryM: each.carryM + each.shownByM }
    })
    if (!longer || !shorter || !isOneModel(longer.club, shorter.club)) return []
    if (shorter.loftDeg - longer.loftDeg < LEAST_LADDER_DEG) return []
    return [{ longerId, shorterId, mPerDeg: slopeBetween(longer, shorter), ...middleRung(longer, shorter) }]
  })
}

/** A wedge of the rack can stand at the seam where its loft lies between the last iron and the second wedge. */
function seamOf(bag: PaperBag): Seam | null {
  const at = bag.clubs.findIndex(
    ({ club }, i) => club.kind === 'wedge' && bag.clubs[i - 1]?.club.kind === 'iron',
  )
  const [iron, first, below] = bag.clubs.slice(at - 1, at + 2)
  const limits = limitsOf(bag)[at] ?? null
  if (at < 1 || !iron || !first || !below || !limits) return null
  const shown = ({ carryM, shownByM }: PaperClub) => (carryM === null ? null : carryM + shownByM)
  const [top, bottom] = [shown(iron), shown(below)]
  if (top === null || bottom === null) return null
  const choices = [first, ...bag.rack.filter(({ club }) => club.kind === 'wedge')].flatMap((each) => {
    const carryM = shown(each)
    return carryM !== null && carryM < top && carryM > bottom
      ? [{ clubId: each.club.id, aboveM: top - carryM, belowM: carryM - bottom }]
      : []
  })
  if (choices.length < 2) return null
  return {
    ironId: iron.club.id,
    belowId: below.club.id,
    choices,
    mostBelowM: limits.wide,
    best: seamChoice(choices, limits.wide),
  }
}

function lightOf(bag: PaperBag, rules: Sensed['rules'] = {}): LightBag | null {
  // What fewer clubs do as well is known where all were hit.
  if (bag.clubs.length < 3 || bag.clubs.some(({ carryM }) => carryM === null)) return null
  const light = lightBag(bag, rules.toleranceM ?? DEFAULT_TOLERANCE_M, rules.goalZoneM)
  return light.dropped.length > 0 ? light : null
}
