import { coverOf, uncoveredBetween } from '../gaps/cover'
import { type Stretch } from '../model/coverage'
import { gapKey, type GapClubs } from '../gaps/gap-clubs'
import { limitsOfGaps } from '../gaps/zones'
import { type Zones } from '../model/gap-rule'
import { phi } from '../math/normal'
import type { Fix } from './fixes'
import type { PaperBag, PaperClub } from './paper-bag'
import { withFixes } from './paper-fixes'
import type { RefitClub } from '../bag/bag'

/** A gap of a bag on paper. */
export type PaperGap = GapClubs & {
  /** The estimate that the chance goes by. */
  gapM: number
  sdM: number
  /** The chance that it is good. */
  good: number
  limitsM: Zones | null
  /** What the tables show of its two clubs, totals where the gap is one of totals: every text subtracts these. */
  shownM: { longer: number; shorter: number }
}

/** A bag after some fixes with its gaps. */
type Evaluated = { bag: PaperBag; gaps: PaperGap[] }
/** A page that is open for long needs many. */
const MOST_EVALUATED = 5000
const evaluated = new WeakMap<PaperBag, Map<string, Evaluated>>()

/** The bag with some fixes done on paper and its gaps, worked out once for each set of fixes: a search needs the same ones again and again. */
export function evaluate(bag: PaperBag, fixes: readonly Fix[]): Evaluated {
  const known = evaluated.get(bag) ?? new Map<string, Evaluated>()
  if (known.size > MOST_EVALUATED) known.clear()
  evaluated.set(bag, known)
  const key = JSON.stringify(fixes)
  const found = known.get(key)
  if (found) return found
  const after = fixes.length === 0 ? bag : withFixes(bag, fixes)
  const made = { bag: after, gaps: gapsOf(after) }
  known.set(key, made)
  return made
}

/** The gaps between neighbours that both have a stock, as they would be. */
export function gapsOf(bag: PaperBag): PaperGap[] {
  const limits = limitsOf(bag)
  return bag.clubs.slice(1).flatMap((shorter, i): PaperGap[] => {
    const longer = bag.clubs[i] as PaperClub
    return longer.carryM === null || shorter.carryM === null
      ? []
      : [gapBetween(bag, longer, shorter, limits[i] ?? null)]
  })
}

/** The limits of every pair of neighbours by the golfer's rule, as the analysis of such a bag has them; null where it cannot speak. */
export function limitsOf({ clubs, gapRule }: PaperBag): (Zones | null)[] {
  const hit = clubs.flatMap(({ club, carryM, varianceM2, count }) =>
    carryM === null ? [] : [{ club, carryM, varianceM2, count }],
  )
  const expected = new Map(clubs.map(({ club, expectedM }) => [club, expectedM ?? null]))
  return limitsOfGaps(
    clubs.map(({ club }) => club),
    hit,
    gapRule,
    (club) => expected.get(club as RefitClub) ?? null,
  ).map(({ zones }) => zones)
}

/** What a gap depends on besides the carries and bends of its two clubs. */
type PaperPair = {
  measuredM2: number
  isLeft: boolean
  /** What the longer runs more, where one of the two is only hit from the tee: such a gap is one of totals. */
  runM: number
}

type Side = Pick<PaperClub, 'club' | 'varianceM2' | 'runM'>

export function pairOf({ gapVarianceM2, left }: PaperBag, longer: Side, shorter: Side): PaperPair {
  const key = gapKey({ longerId: longer.club.id, shorterId: shorter.club.id })
  return {
    measuredM2: gapVarianceM2.get(key) ?? longer.varianceM2 + shorter.varianceM2,
    isLeft: left.has(key),
    runM: onTotal(longer, shorter) ? (longer.runM ?? 0) - (shorter.runM ?? 0) : 0,
  }
}

const onTotal = (a: Side, b: Side): boolean =>
  (a.club.job === 'tee' || b.club.job === 'tee') && a.runM !== null && b.runM !== null

/** One standard deviation of a gap on paper. */
function gapSd({ measuredM2 }: PaperPair, longer: PaperClub, shorter: PaperClub): number {
  // What a degree is worth is unsure for both alike: bent the same way they stay as far apart as they were.
  const bent = longer.movedDeg * longer.perDegree.sdMPerDeg - shorter.movedDeg * shorter.perDegree.sdMPerDeg
  return Math.sqrt(
    measuredM2 +
      bent * bent +
      longer.supposedSdM * longer.supposedSdM +
      shorter.supposedSdM * shorter.supposedSdM,
  )
}

/** The chance that a gap on paper is good. Hot: called thousands of times in a search. */
export function goodChanceOf(
  pair: PaperPair,
  longer: PaperClub,
  shorter: PaperClub,
  limitsM: Zones | null,
): number {
  if (pair.isLeft && longer.movedDeg === 0 && shorter.movedDeg === 0) return 1
  if (limitsM === null) return 0
  return chanceEven(
    (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    gapSd(pair, longer, shorter),
    limitsM,
  )
}

/** A gap on paper, with the chance that it is good. */
function gapBetween(bag: PaperBag, longer: PaperClub, shorter: PaperClub, limitsM: Zones | null): PaperGap {
  const pair = pairOf(bag, longer, shorter)
  const shown = (each: PaperClub): number =>
    (each.carryM ?? 0) + each.shownByM + (onTotal(longer, shorter) ? (each.runM ?? 0) : 0)
  return {
    longerId: longer.club.id,
    shorterId: shorter.club.id,
    gapM: (longer.carryM ?? 0) - (shorter.carryM ?? 0) + pair.runM,
    sdM: gapSd(pair, longer, shorter),
    good: goodChanceOf(pair, longer, shorter, limitsM),
    limitsM,
    shownM: { longer: shown(longer), shorter: shown(shorter) },
  }
}

/** The chance that a gap of this mean and standard deviation is good. */
export const chanceEven = (
  gapM: number,
  sdM: number,
  { tooClose: tooClose, tooWide: tooWide }: Zones,
): number => Math.max(0, phi((tooWide - gapM) / sdM) - phi((tooClose - gapM) / sdM))

/** How many of some gaps are likely to be good: the sum of their chances. */
export const sumEven = (gaps: readonly PaperGap[]): number => gaps.reduce((sum, { good }) => sum + good, 0)

/** The same of all gaps of a bag. */
export const goodPaperGaps = (bag: PaperBag): number => sumEven(gapsOf(bag))

/** From this chance on a gap counts as good. */
const LIKELY_GOOD = 0.5
/** So many good gaps of so many. */
export type GoodGaps = { good: number; of: number }
/** How many of a bag's gaps are likely good, of how many: counted alike before and after. */
export const goodGaps = (gaps: readonly PaperGap[]): GoodGaps => ({
  good: gaps.filter(({ good }) => good >= LIKELY_GOOD).length,
  of: gaps.length,
})

/** The good gaps of a bag as it is, and after some fixes. */
export type GoodGapsChange = { before: GoodGaps; after: GoodGaps }
export const goodGapsWith = (bag: PaperBag, fixes: readonly Fix[]): GoodGapsChange => ({
  before: goodGaps(evaluate(bag, []).gaps),
  after: goodGaps(evaluate(bag, fixes).gaps),
})

/** The share of a stretch of distances that a bag on paper covers, and the distances without a club. */
export function coverOn({ clubs, others }: PaperBag, toleranceM: number, zone?: Stretch) {
  const carries = [...clubs, ...others].flatMap(({ carryM }) => carryM ?? [])
  const span: Stretch = zone ?? [Math.min(...carries), Math.max(...carries)]
  if (carries.length < 2) return { uncovered: [], cover: 0 }
  return { uncovered: uncoveredBetween(carries, toleranceM, span), cover: coverOf(carries, toleranceM, span) }
}
