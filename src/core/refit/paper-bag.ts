import { coverOf, holesBetween, type Stretch } from '../gaps/cover'
import { limitsOfSteps, type SchoolOfSteps, type Zones } from '../gaps/zones'
import { GRIP_DOWN } from '../grip-down'
import type { ClubId } from '../ids'
import { phi } from '../math/normal'
import { yards } from '../units'
import { applyFixes, type FixedClub } from './apply-fixes'
import type { Fix } from './fixes'
import { carryByLength } from './length'
import type { PerDegree } from './per-degree'
import type { RefitClub } from './refit-club'

/** A club of a bag on paper: as it was measured, and what was changed of it. */
export type PaperClub = {
  club: RefitClub
  /** Its stock on paper, in metres; null where it was not hit. */
  carryM: number | null
  /** What a club that was not hit should carry by the others; absent where nothing says. */
  expectedM?: number
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
  /** Standard deviation of what is only estimated: another loft, a club that was never hit. */
  supposedSdM: number
}

/** A bag on paper. Longest club first, without the putter. */
export type PaperBag = {
  clubs: PaperClub[]
  /** Clubs that are not in the bag, with their own stocks. */
  rack: PaperClub[]
  /** Variance of the gaps between clubs as they were measured side by side, by both names. */
  stepVarianceM2: ReadonlyMap<string, number>
  school: SchoolOfSteps
  /** Stocks of other swings, which cover numbers and make no gap. */
  others: { clubId: ClubId; carryM: number }[]
  /** Gaps that the golfer keeps as they are, by both names. */
  left: ReadonlySet<string>
  /** Distances that were left to the target in the golfer's rounds, rising; absent before there are rounds. */
  demandM?: readonly number[]
}

export type PaperStep = {
  longerId: ClubId
  shorterId: ClubId
  /** The estimate that the chance goes by. */
  stepM: number
  sdM: number
  /** The chance that it is good. */
  even: number
  limitsM: Zones | null
  /** What the tables show of its two clubs, totals where the gap is one of totals: every text subtracts these. */
  shownM: { longer: number; shorter: number }
}

/** One text for two clubs, in this order: asked for thousands of times in a search. */
export const pairKey = (longerId: ClubId, shorterId: ClubId): string => `${longerId}\n${shorterId}`

/** What a club of the same model at another loft carries is known to this (from memory). */
export const ESTIMATE_SD_M = yards(4)

/** The bag with some fixes done on paper. Pure: the bag that is given stays as it is. */
export function withFixes(bag: PaperBag, fixes: readonly Fix[]): PaperBag {
  const bare = ({ club }: PaperClub) => club
  const fixed = applyFixes(bag.clubs.map(bare), bag.rack.map(bare), fixes)
  const own = new Map([...bag.clubs, ...bag.rack].map((each) => [each.club.id, each]))
  const measured = fixed.map((each) => {
    const was = own.get(each.club.id)
    return was ? changed(was, each) : null
  })
  const clubs = fixed.map((each, i) => measured[i] ?? newClub(each, i, measured))
  return { ...bag, clubs, others: [...othersOf(bag, clubs), ...gripped(bag, fixes)] }
}

/** A bag after some fixes with its gaps. */
export type Evaluated = { bag: PaperBag; steps: PaperStep[] }
/** A page that is open for long asks for many. */
const MOST_EVALUATED = 5000
const evaluated = new WeakMap<PaperBag, Map<string, Evaluated>>()

/** The bag with some fixes done on paper and its gaps, worked out once for each set: a search asks for the same ones again and again. */
export function evaluate(bag: PaperBag, fixes: readonly Fix[]): Evaluated {
  const known = evaluated.get(bag) ?? new Map<string, Evaluated>()
  if (known.size > MOST_EVALUATED) known.clear()
  evaluated.set(bag, known)
  const key = JSON.stringify(fixes)
  const found = known.get(key)
  if (found) return found
  const after = fixes.length === 0 ? bag : withFixes(bag, fixes)
  const made = { bag: after, steps: stepsOf(after) }
  known.set(key, made)
  return made
}

/** A club of the bag or the rack as the fixes leave it. */
function changed(was: PaperClub, { club, turnedDeg, longerM, bought }: FixedClub): PaperClub {
  if (bought) {
    const { carryM } = moved(was, (club.loftDeg ?? 0) - (was.club.loftDeg ?? 0))
    return { ...was, club, carryM, supposedSdM: ESTIMATE_SD_M }
  }
  return { ...lengthened(turnedDeg === 0 ? was : moved(was, turnedDeg), longerM), club }
}

/** A club bent by so many degrees more. Hot: asked for thousands of times in a search. */
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
  if (each.carryM === null || longerM === 0) return each
  const more = carryByLength(each.club.kind, each.carryM, longerM)
  return { ...each, carryM: each.carryM + more, supposedSdM: Math.hypot(each.supposedSdM, more / 2) }
}

/** A club that nobody has hit: what was typed of it, else what lies between its neighbours by their lofts. */
function newClub(
  { club, typedCarryM }: FixedClub,
  place: number,
  bag: readonly (PaperClub | null)[],
): PaperClub {
  const isHit = (each: PaperClub | null): each is PaperClub =>
    each !== null && each.carryM !== null && each.club.loftDeg !== null
  const longer = bag.slice(0, place).findLast(isHit)
  const shorter = bag.slice(place + 1).find(isHit)
  const near = longer ?? shorter
  return {
    club,
    carryM: typedCarryM ?? carryAt(club.loftDeg as number, longer, shorter),
    // A carry that was typed is one that is shown.
    shownByM: typedCarryM !== undefined ? 0 : mean([longer, shorter].flatMap((each) => each?.shownByM ?? [])),
    runM: near?.runM ?? null,
    varianceM2: near?.varianceM2 ?? 0,
    count: 0,
    perDegree: near?.perDegree ?? { mPerDeg: 0, sdMPerDeg: 0 },
    movedDeg: 0,
    supposedSdM: ESTIMATE_SD_M,
  }
}

const mean = (values: readonly number[]): number =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length

function carryAt(loftDeg: number, longer?: PaperClub, shorter?: PaperClub): number | null {
  const [a, b] = [longer?.club.loftDeg, shorter?.club.loftDeg]
  const [high, low] = [longer?.carryM, shorter?.carryM]
  if (a != null && b != null && high != null && low != null)
    return high + ((loftDeg - a) / (b - a)) * (low - high)
  if (a != null && high != null && longer) return high - longer.perDegree.mPerDeg * (loftDeg - a)
  if (b != null && low != null && shorter) return low + shorter.perDegree.mPerDeg * (b - loftDeg)
  return null
}

/** Partial swings of the clubs that stay: they move by the share that the full swing does. */
function othersOf(bag: PaperBag, clubs: readonly PaperClub[]): PaperBag['others'] {
  return bag.others.flatMap(({ clubId, carryM }) => {
    const was = bag.clubs.find(({ club }) => club.id === clubId)
    const now = clubs.find(({ club }) => club.id === clubId)
    if (!now || now.supposedSdM === ESTIMATE_SD_M) return []
    return [{ clubId, carryM: was?.carryM && now.carryM ? carryM * (now.carryM / was.carryM) : carryM }]
  })
}

function gripped(bag: PaperBag, fixes: readonly Fix[]): PaperBag['others'] {
  return fixes.flatMap((fix) => {
    const carryM = fix.kind === 'grip' && bag.clubs.find(({ club }) => club.id === fix.clubId)?.carryM
    return fix.kind === 'grip' && carryM ? [{ clubId: fix.clubId, carryM: grippedCarry(carryM, fix.cm) }] : []
  })
}

/** What a club carries gripped down by so many centimetres, in metres. */
export const grippedCarry = (carryM: number, cm: number): number =>
  carryM * (1 - GRIP_DOWN.perCm * Math.min(GRIP_DOWN.mostCm, Math.max(0, cm)))

/** Fewer degrees than these between neighbours leave no loft between them. */
const LEAST_BETWEEN_DEG = 2

/** The lofts of so many new clubs that would share out a gap, in half degrees; none where a loft is unknown or they lie too near. */
export function loftsBetween(longer: PaperClub, shorter: PaperClub, many: number): number[] {
  const [a, b] = [longer.club.loftDeg, shorter.club.loftDeg]
  if (a === null || b === null || b - a < LEAST_BETWEEN_DEG * many) return []
  return Array.from({ length: many }, (_, i) => Math.round(2 * (a + ((b - a) * (i + 1)) / (many + 1))) / 2)
}

/** The gaps between neighbours that both have a stock, as they would be. */
export function stepsOf(bag: PaperBag): PaperStep[] {
  const limits = limitsOf(bag)
  return bag.clubs.slice(1).flatMap((shorter, i): PaperStep[] => {
    const longer = bag.clubs[i] as PaperClub
    return longer.carryM === null || shorter.carryM === null
      ? []
      : [stepBetween(bag, longer, shorter, limits[i] ?? null)]
  })
}

/** The limits of every pair of neighbours by the golfer's rule, as the analysis of such a bag has them; null where it cannot speak. */
export function limitsOf({ clubs, school }: PaperBag): (Zones | null)[] {
  const hit = clubs.flatMap(({ club, carryM, varianceM2, count }) =>
    carryM === null ? [] : [{ club, carryM, varianceM2, count }],
  )
  const expected = new Map(clubs.map(({ club, expectedM }) => [club, expectedM ?? null]))
  return limitsOfSteps(
    clubs.map(({ club }) => club),
    hit,
    school,
    (club) => expected.get(club as RefitClub) ?? null,
  ).map(({ zones }) => zones)
}

/** What a gap hangs on besides the carries and bends of its two clubs. */
export type Pair = {
  measuredM2: number
  isLeft: boolean
  /** What the longer runs more, where one of the two is only hit from the tee: such a gap is one of totals. */
  runM: number
}

type Side = Pick<PaperClub, 'club' | 'varianceM2' | 'runM'>

export function pairOf({ stepVarianceM2, left }: PaperBag, longer: Side, shorter: Side): Pair {
  const key = pairKey(longer.club.id, shorter.club.id)
  return {
    measuredM2: stepVarianceM2.get(key) ?? longer.varianceM2 + shorter.varianceM2,
    isLeft: left.has(key),
    runM: onTotal(longer, shorter) ? (longer.runM ?? 0) - (shorter.runM ?? 0) : 0,
  }
}

const onTotal = (a: Side, b: Side): boolean =>
  (a.club.job === 'tee' || b.club.job === 'tee') && a.runM !== null && b.runM !== null

/** One standard deviation of a gap on paper. */
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

/** The chance that a gap on paper is good. Hot: asked for thousands of times in a search. */
export function evenOf(pair: Pair, longer: PaperClub, shorter: PaperClub, limitsM: Zones | null): number {
  if (pair.isLeft && longer.movedDeg === 0 && shorter.movedDeg === 0) return 1
  if (limitsM === null) return 0
  return chanceEven(
    (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    stepSd(pair, longer, shorter),
    limitsM,
  )
}

/** A gap on paper, with the chance that it is good. */
export function stepBetween(
  bag: PaperBag,
  longer: PaperClub,
  shorter: PaperClub,
  limitsM: Zones | null,
): PaperStep {
  const pair = pairOf(bag, longer, shorter)
  const shown = (each: PaperClub): number =>
    (each.carryM ?? 0) + each.shownByM + (onTotal(longer, shorter) ? (each.runM ?? 0) : 0)
  return {
    longerId: longer.club.id,
    shorterId: shorter.club.id,
    stepM: (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    sdM: stepSd(pair, longer, shorter),
    even: evenOf(pair, longer, shorter, limitsM),
    limitsM,
    shownM: { longer: shown(longer), shorter: shown(shorter) },
  }
}

/** The chance that a gap of this mean and standard deviation is good. */
export const chanceEven = (stepM: number, sdM: number, { narrow, wide }: Zones): number =>
  Math.max(0, phi((wide - stepM) / sdM) - phi((narrow - stepM) / sdM))

/** How many of some gaps are likely to be good: the sum of their chances. */
export const sumEven = (steps: readonly PaperStep[]): number => steps.reduce((sum, { even }) => sum + even, 0)

/** The same of all gaps of a bag. */
export const evenSteps = (bag: PaperBag): number => sumEven(stepsOf(bag))

/** From this chance on a gap counts as good. */
const LIKELY_GOOD = 0.5
/** How many of a bag's gaps are likely good, of how many: counted alike before and after. */
export const goodGaps = (steps: readonly PaperStep[]): { good: number; of: number } => ({
  good: steps.filter(({ even }) => even >= LIKELY_GOOD).length,
  of: steps.length,
})

/** What a bag on paper covers of a stretch of distances, and the holes in it. */
export function coverOn({ clubs, others }: PaperBag, toleranceM: number, zone?: Stretch) {
  const carries = [...clubs, ...others].flatMap(({ carryM }) => carryM ?? [])
  const span: Stretch = zone ?? [Math.min(...carries), Math.max(...carries)]
  if (carries.length < 2) return { holes: [], cover: 0 }
  return { holes: holesBetween(carries, toleranceM, span), cover: coverOf(carries, toleranceM, span) }
}
