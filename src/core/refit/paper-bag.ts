import { kindBetween } from '../bag/club'
import { coverOf, holesBetween, type Stretch } from '../gaps/cover'
import { limitsOfSteps, type SchoolOfSteps, type Zones } from '../gaps/zones'
import { GRIP_DOWN } from '../grip-down'
import type { ClubId } from '../ids'
import { phi } from '../math/normal'
import { middleLoftDeg } from '../wedges/ladder'
import { yards } from '../units'
import type { Fix } from './fixes'
import { carryByLength } from './length'
import type { PerDegree } from './per-degree'
import type { RefitClub } from './refit-club'

/** A club of a bag on paper: as it was measured, and what was changed of it. */
export type PaperClub = {
  club: RefitClub
  /** Its stock on paper, in metres; null where it was not hit. */
  carryM: number | null
  /** What it runs on normal ground; null where nothing says it. */
  runM: number | null
  /** The stock that the tables show, by the golfer's rule, is longer by this than the one that chances are worked out with. */
  shownByM: number
  /** Variance of the stock as it was measured. */
  varianceM2: number
  count: number
  perDegree: PerDegree
  /** Bent, or turned, by so many degrees; weaker positive. */
  movedDeg: number
  /** Standard deviation of what is only supposed of it: another loft, a club that was never hit. */
  supposedSdM: number
}

/** A bag on paper. Longest club first, without the putter. */
export type PaperBag = {
  clubs: PaperClub[]
  /** Clubs that are not in the bag, with their own stocks. */
  rack: PaperClub[]
  /** Variance of the steps between clubs as they were measured side by side, by both names. */
  stepVarianceM2: ReadonlyMap<string, number>
  school: SchoolOfSteps
  /** Stocks of other swings, which cover numbers and make no step. */
  others: { clubId: ClubId; carryM: number }[]
  /** Steps that the golfer wants as they are, by both names. */
  left: ReadonlySet<string>
}

export type PaperStep = {
  longerId: ClubId
  shorterId: ClubId
  stepM: number
  sdM: number
  /** The chance that it is even. */
  even: number
  limitsM: Zones | null
}

/** One text for two clubs, in this order: asked for thousands of times in a search. */
export const pairKey = (longerId: ClubId, shorterId: ClubId): string => `${longerId}\n${shorterId}`

/** What a club of the same model at another loft carries is known to this (from memory). */
const SUPPOSED_SD_M = yards(4)
const NEW = 'new'

/** The bag with some fixes done on paper. Pure: the bag that is given stays as it is. */
export const withFixes = (bag: PaperBag, fixes: readonly Fix[]): PaperBag => fixes.reduce(withFix, bag)

function withFix(bag: PaperBag, fix: Fix): PaperBag {
  switch (fix.kind) {
    case 'bend':
    case 'sleeve':
      return changing(bag, fix.clubId, (club) => moved(club, fix.degrees))
    case 'swap':
      return changing(bag, fix.clubId, (club) => swapped(club, fix.loftDeg))
    case 'drop':
      return { ...bag, clubs: bag.clubs.filter(({ club }) => club.id !== fix.clubId) }
    case 'add': {
      const fresh =
        fix.loftDeg === undefined
          ? bag.rack.find(({ club }) => club.id === fix.clubId)
          : newClub(bag.clubs, fix.loftDeg)
      return fresh ? { ...bag, clubs: inserted(bag.clubs, fresh) } : bag
    }
    case 'length':
      return changing(bag, fix.clubId, (club) => lengthened(club, fix.longerM))
    case 'grip': {
      const carryM = bag.clubs.find(({ club }) => club.id === fix.clubId)?.carryM
      if (!carryM) return bag
      const cm = Math.min(GRIP_DOWN.mostCm, Math.max(0, fix.cm))
      return {
        ...bag,
        others: [...bag.others, { clubId: fix.clubId, carryM: carryM * (1 - GRIP_DOWN.perCm * cm) }],
      }
    }
  }
}

const changing = (bag: PaperBag, id: ClubId, change: (club: PaperClub) => PaperClub): PaperBag => ({
  ...bag,
  clubs: bag.clubs.map((each) => (each.club.id === id ? change(each) : each)),
})

/** A club bent by so many degrees more. */
export function moved(each: PaperClub, degrees: number): PaperClub {
  const { club, carryM, perDegree, movedDeg } = each
  return {
    ...each,
    club: club.loftDeg === null ? club : { ...club, loftDeg: club.loftDeg + degrees },
    carryM: carryM === null ? null : carryM - perDegree.mPerDeg * degrees,
    movedDeg: movedDeg + degrees,
  }
}

function lengthened(each: PaperClub, longerM: number): PaperClub {
  if (each.carryM === null) return each
  const more = carryByLength(each.club.kind, each.carryM, longerM)
  return { ...each, carryM: each.carryM + more, supposedSdM: Math.hypot(each.supposedSdM, more / 2) }
}

function swapped(each: PaperClub, loftDeg: number): PaperClub {
  if (each.club.loftDeg === null) return each
  const { carryM, movedDeg, club } = moved(each, loftDeg - each.club.loftDeg)
  return {
    ...each,
    club,
    carryM,
    movedDeg: movedDeg - (loftDeg - each.club.loftDeg),
    supposedSdM: SUPPOSED_SD_M,
  }
}

/** Puts a club where its loft belongs. */
function inserted(clubs: readonly PaperClub[], fresh: PaperClub): PaperClub[] {
  const loft = fresh.club.loftDeg ?? 0
  const after = clubs.findIndex(({ club }) => club.loftDeg !== null && club.loftDeg > loft)
  const at = after < 0 ? clubs.length : after
  return [...clubs.slice(0, at), fresh, ...clubs.slice(at)]
}

/** A club that nobody has hit, at a loft: what it carries lies between its neighbours, by their lofts. */
function newClub(clubs: readonly PaperClub[], loftDeg: number): PaperClub {
  const hit = clubs.filter(({ carryM, club }) => carryM !== null && club.loftDeg !== null)
  const longer = hit.findLast(({ club }) => (club.loftDeg as number) <= loftDeg)
  const shorter = hit.find(({ club }) => (club.loftDeg as number) > loftDeg)
  const near = longer ?? shorter
  const id = `${NEW} ${loftDeg}` as ClubId
  const kind = kindBetween(longer?.club.kind, shorter?.club.kind)
  const model = longer?.club.model ?? shorter?.club.model
  return {
    club: { id, kind, loftDeg, order: near?.club.order ?? 0, ...(model !== undefined && { model }) },
    carryM: carryAt(loftDeg, longer, shorter),
    shownByM: longer && shorter ? (longer.shownByM + shorter.shownByM) / 2 : (near?.shownByM ?? 0),
    runM: near?.runM ?? null,
    varianceM2: near?.varianceM2 ?? 0,
    count: 0,
    perDegree: near?.perDegree ?? { mPerDeg: 0, sdMPerDeg: 0 },
    movedDeg: 0,
    supposedSdM: SUPPOSED_SD_M,
  }
}

function carryAt(loftDeg: number, longer?: PaperClub, shorter?: PaperClub): number | null {
  const [a, b] = [longer?.club.loftDeg, shorter?.club.loftDeg]
  const [high, low] = [longer?.carryM, shorter?.carryM]
  if (a != null && b != null && high != null && low != null)
    return high + ((loftDeg - a) / (b - a)) * (low - high)
  if (a != null && high != null && longer) return high - longer.perDegree.mPerDeg * (loftDeg - a)
  if (b != null && low != null && shorter) return low + shorter.perDegree.mPerDeg * (b - loftDeg)
  return null
}

export const isNew = ({ id }: { id: ClubId }): boolean => id.startsWith(`${NEW} `)

/** The loft at which a new club would carry the middle between two; null where a loft lacks. */
export function middleLoft(longer: PaperClub, shorter: PaperClub): number | null {
  const [a, b] = [longer.club.loftDeg, shorter.club.loftDeg]
  return a === null || b === null || b - a < 2 ? null : middleLoftDeg(a, b)
}

/** The steps between neighbours that both have a stock, as they would be. */
export function stepsOf(bag: PaperBag): PaperStep[] {
  const limits = limitsOf(bag)
  return bag.clubs.slice(1).flatMap((shorter, i): PaperStep[] => {
    const longer = bag.clubs[i] as PaperClub
    return longer.carryM === null || shorter.carryM === null
      ? []
      : [stepBetween(bag, longer, shorter, limits[i] ?? null)]
  })
}

/** The limits of every pair of neighbours by the golfer's school; null where it cannot speak. */
export function limitsOf({ clubs, school }: PaperBag): (Zones | null)[] {
  const hit = clubs.flatMap(({ club, carryM, varianceM2, count }) =>
    carryM === null ? [] : [{ club, carryM, varianceM2, count }],
  )
  return limitsOfSteps(
    clubs.map(({ club }) => club),
    hit,
    school,
  ).map(({ zones }) => zones)
}

/** What a step hangs on besides the carries and bends of its two clubs. */
export type Pair = {
  measuredM2: number
  isLeft: boolean
  /** What the longer runs more, where one of the two is only hit from the tee: such a step is one of totals. */
  runM: number
}

export function pairOf(
  { stepVarianceM2, left }: PaperBag,
  longer: Pick<PaperClub, 'club' | 'varianceM2' | 'runM'>,
  shorter: Pick<PaperClub, 'club' | 'varianceM2' | 'runM'>,
): Pair {
  const key = pairKey(longer.club.id, shorter.club.id)
  return {
    measuredM2: stepVarianceM2.get(key) ?? longer.varianceM2 + shorter.varianceM2,
    isLeft: left.has(key),
    runM: onTotal(longer, shorter) ? (longer.runM ?? 0) - (shorter.runM ?? 0) : 0,
  }
}

const onTotal = (a: Pick<PaperClub, 'club' | 'runM'>, b: Pick<PaperClub, 'club' | 'runM'>): boolean =>
  (a.club.job === 'tee' || b.club.job === 'tee') && a.runM !== null && b.runM !== null

/** One standard deviation of a step on paper. */
export function stepSd({ measuredM2 }: Pair, longer: PaperClub, shorter: PaperClub): number {
  // What a degree is worth is unsure for both alike: bent the same way they stay as far apart as they were.
  const bent = longer.movedDeg * longer.perDegree.sdMPerDeg - shorter.movedDeg * shorter.perDegree.sdMPerDeg
  return Math.sqrt(
    measuredM2 +
      bent * bent +
      longer.supposedSdM * longer.supposedSdM +
      shorter.supposedSdM * shorter.supposedSdM,
  )
}

/** The chance that a step on paper is even. Hot: asked for thousands of times in a search. */
export function evenOf(pair: Pair, longer: PaperClub, shorter: PaperClub, limitsM: Zones | null): number {
  if (pair.isLeft && longer.movedDeg === 0 && shorter.movedDeg === 0) return 1
  if (limitsM === null) return 0
  return chanceEven(
    (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    stepSd(pair, longer, shorter),
    limitsM,
  )
}

/** A step on paper, with the chance that it is even. */
export function stepBetween(
  bag: PaperBag,
  longer: PaperClub,
  shorter: PaperClub,
  limitsM: Zones | null,
): PaperStep {
  const pair = pairOf(bag, longer, shorter)
  return {
    longerId: longer.club.id,
    shorterId: shorter.club.id,
    stepM: (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    sdM: stepSd(pair, longer, shorter),
    even: evenOf(pair, longer, shorter, limitsM),
    limitsM,
  }
}

/** The chance that a step of this mean and standard deviation is even. */
export const chanceEven = (stepM: number, sdM: number, { narrow, wide }: Zones): number =>
  Math.max(0, phi((wide - stepM) / sdM) - phi((narrow - stepM) / sdM))

/** How many of some steps are likely to be even: the sum of their chances. */
export const sumEven = (steps: readonly PaperStep[]): number => steps.reduce((sum, { even }) => sum + even, 0)

/** The same of all steps of a bag. */
export const evenSteps = (bag: PaperBag): number => sumEven(stepsOf(bag))

/** What a bag on paper covers of a stretch of distances, and the holes in it. */
export function coverOn({ clubs, others }: PaperBag, toleranceM: number, zone?: Stretch) {
  const carries = [...clubs, ...others].flatMap(({ carryM }) => carryM ?? [])
  const span: Stretch = zone ?? [Math.min(...carries), Math.max(...carries)]
  if (carries.length < 2) return { holes: [], cover: 0 }
  return { holes: holesBetween(carries, toleranceM, span), cover: coverOf(carries, toleranceM, span) }
}
