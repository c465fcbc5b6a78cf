import type { Absent } from '../model/absent'
import type { ClubId } from '../model/ids'
import { belowIn, stockAt, type Posterior } from '../judge/posterior'
import type { StockRule } from '../model/stock-rule'
import type { Swing } from '../model/station'
import type { GapClubs } from './gap-clubs'
import { nearLine, sameDistance, type LimitNear } from './near-limit'
import type { Outlook } from './outlook'
import { enoughToSettle, isWild, sureFrom, shotsWantedAgainst, type Striking } from './settled'
import type { GapLimits } from './zones'
import type { GapRule, Zones } from '../model/gap-rule'

/** What the size of a gap can be, and the verdict of each. */
export const ZONE_VERDICT = {
  reversed: 'reversed',
  tooClose: 'too-close',
  good: 'good',
  tooWide: 'too-wide',
} as const
export type Zone = keyof typeof ZONE_VERDICT
export const ZONES = Object.keys(ZONE_VERDICT) as Zone[]
export type ZoneVerdict = (typeof ZONE_VERDICT)[Zone]

/** The verdicts of a gap that is not good, the most urgent first. */
export const BAD_VERDICTS = ['reversed', 'same-distance', 'too-wide', 'too-close'] as const
/** Every verdict, the most urgent first. */
export const VERDICTS = [...BAD_VERDICTS, 'borderline', 'good', 'not-judged'] as const
export type Verdict = (typeof VERDICTS)[number]
type ZoneChances = Record<Zone, number>

/** What carries a verdict, as data: the screens put it into words. */
export type GapFact =
  | { kind: 'chance'; zone: Zone; probability: number }
  | { kind: 'line'; limitM: number; withinM: number; probability: number }
  | { kind: 'too-few'; clubId: ClubId; count: number; wanted: number }
  | { kind: 'least-sure'; clubId: ClubId; lowM: number; highM: number; count: number }
  | { kind: 'would-settle'; shotsEach: number; probability: number }
  | { kind: 'not-worth-it'; probability: number }
  /** Why it is open: good shots scatter by this share of their carry. */
  | { kind: 'scatter'; share: number }
  | { kind: 'same-distance'; withinM: number; probability: number }
  /** Clubs that are absent by loft, with the lofts that they would have. */
  | { kind: 'absent'; loftsDeg: number[] }
  /** What the golfer's own yards a degree say of these two lofts, and whether the step is that. */
  | { kind: 'by-loft'; deg: number; expectedM: number; fits: boolean }
  /** A partial swing that lands between the two; not measured: what it should carry. */
  | { kind: 'between'; clubId: ClubId; swing: Swing; carryM: number; measured: boolean }
  /** The chosen school cannot speak of this step. */
  | { kind: 'no-limits'; lacks: 'pitching-wedge' }
  | { kind: 'instead'; gapRule: GapRule }

/** What stands of a gap whether its sides were hit or not. */
type GapBase = {
  longerId: ClubId
  shorterId: ClubId
  /** Clubs that are missing between the two by loft: said beside the verdict, never part of its limits. */
  absentClubs: number
  /** The golfer wants it as it is, for this reason: true all the same, but nothing to do. */
  leftOnPurpose?: string
  facts: GapFact[]
}
/** The difference of two stocks, longer club minus shorter, with its 90% interval. */
type Measured = GapBase & {
  /** The estimate that the verdict goes by. */
  gapM: number
  /** The size that is shown everywhere: the difference of the two stocks that are shown. */
  shownM: number
  lowM: number
  highM: number
  /** The difference under every rule of stocks. */
  byStockRule: Record<StockRule, number>
  /** It is the difference of totals, since one of the two is only hit from the tee: what each runs on normal ground. */
  onTotal?: OnTotal
  /** What the golfer's own slope of carry over loft says of these two lofts; absent where it cannot. */
  loftSaysM?: number
  /** The gap is what its lofts say, within its own interval: the choice of clubs is the cause, not the clubs. */
  asLoftSays?: boolean
}
/** The runs of the longer and of the shorter club. */
export type OnTotal = { longerM: number; shorterM: number }

/** What the two clubs of a gap carry apart, whatever it is judged on. */
export const carryDifference = ({ gapM, onTotal }: Pick<MeasuredGap, 'gapM' | 'onTotal'>): number =>
  onTotal ? gapM - onTotal.longerM + onTotal.shorterM : gapM

type Judged = Measured & {
  /** Probability of the verdict. */
  probability: number
  /** Probability of each zone. */
  zones: ZoneChances
  /** The limits it is judged by, always those of one gap. */
  limitsM: Zones
}

type SettledGap = Judged & { settled: true } & Absent<'outlook' | 'moreEach' | 'resting'> &
  (
    | { verdict: ZoneVerdict | 'same-distance'; lineM?: undefined }
    /** With the limit that the step lies at. */
    | { verdict: 'borderline'; lineM: number }
  )
type OpenGap = Judged &
  Absent<'lineM'> & {
    settled: false
    /** The likeliest. */
    verdict: ZoneVerdict
    /** The chance that 6 more shots with each settle it. */
    outlook: number
    /** How many more with each settle it in one of two cases; absent where no number that is worth it does. */
    moreEach?: number
    /** More shots would hardly change that: stop asking. */
    resting?: boolean
  }
type Unknown = { verdict: 'not-judged'; probability: 0; settled: false; zones: ZoneChances }
/** Both sides were hit, and the chosen rule has no limits for it. */
type UnlimitedGap = Measured & Unknown & { limitsM?: undefined } & Absent<OfOpen>
/** A side has no stock. */
type UnmeasuredGap = GapBase &
  Unknown & { limitsM?: Zones; byStockRule: Record<string, never> } & Absent<OfOpen> &
  Absent<Exclude<keyof Measured, keyof GapBase | 'byStockRule'>>
type OfOpen = 'outlook' | 'moreEach' | 'resting' | 'lineM'

export type JudgedGap = SettledGap | OpenGap
type UnknownGap = UnlimitedGap | UnmeasuredGap
/** The gap between neighbours, and what may be said of it. */
export type Gap = JudgedGap | UnknownGap
export type MeasuredGap = JudgedGap | UnlimitedGap

export const isJudged = (gap: Gap): gap is JudgedGap => gap.verdict !== 'not-judged'
export const isMeasured = (gap: Gap): gap is MeasuredGap => gap.gapM !== undefined

/** One side of a gap: a stock with its shots, and how far its own grid is to be stretched. */
export type GapSide = { clubId: ClubId; count: number; posterior: Posterior }

/** Difference of two stocks as a distribution. */
type Difference = {
  meanM: number
  varianceM2: number
  /** Probability that the difference lies below `limitM`. */
  below: (limitM: number) => number
  /** The difference that lies below with probability `p`. */
  at: (p: number) => number
}

/** What lies between two stocks besides their own spreads. */
export type DifferenceSpread = {
  /** What their days and the restating of each add. */
  extraVarianceM2: number
  /** How far the difference moves for each place where the drag crisis, one for the whole bag, may lie. */
  movedM: readonly number[]
}
export const TOGETHER: DifferenceSpread = { extraVarianceM2: 0, movedM: [0] }

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length

/** All that lies between two stocks as a variance. */
export const addedVariance = ({ extraVarianceM2, movedM }: DifferenceSpread): number => {
  const middle = meanOf(movedM)
  return extraVarianceM2 + meanOf(movedM.map((moved) => (moved - middle) ** 2))
}

/**
 * The difference of two stocks, longer minus shorter.
 * @param apart what days and restating add to the difference
 */
export function difference(
  longer: Posterior,
  shorter: Posterior,
  spread: DifferenceSpread = TOGETHER,
): Difference {
  const { extraVarianceM2, movedM } = spread
  const own = longer.varianceM2 + shorter.varianceM2
  const meanM = longer.meanM - shorter.meanM
  if (own <= 0) throw new RangeError(`a stock needs a spread, and ${meanM} m came without one`)
  // What days and drift add is spread over both grids alike.
  const stretched = Math.sqrt((own + extraVarianceM2) / own)
  const unmovedBelow = (limitM: number): number => {
    const limit = meanM + (limitM - meanM) / stretched
    let sum = 0
    for (let j = 0; j < shorter.mass.length; j++) {
      const p = shorter.mass[j] as number
      if (p > 0) sum += p * belowIn(longer, limit + shorter.fromM + j * shorter.everyM)
    }
    return sum
  }
  const below = (limitM: number): number => meanOf(movedM.map((moved) => unmovedBelow(limitM - moved)))
  const movedMeanM = meanOf(movedM)
  const varianceM2 = own + addedVariance(spread)
  const at = (p: number): number => {
    const sd = Math.sqrt(varianceM2)
    let [low, high] = [meanM + movedMeanM - 12 * sd, meanM + movedMeanM + 12 * sd]
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2
      if (below(middle) < p) low = middle
      else high = middle
    }
    return (low + high) / 2
  }
  return { meanM: meanM + movedMeanM, varianceM2, below, at }
}

/** The probability of each zone of a difference. */
export function zoneChances(
  { below }: Pick<Difference, 'below'>,
  { reversed, tooClose, tooWide }: Zones,
): ZoneChances {
  const [r, n, w] = [below(reversed), below(tooClose), below(tooWide)]
  return { reversed: r, tooClose: Math.max(0, n - r), good: Math.max(0, w - n), tooWide: Math.max(0, 1 - w) }
}

export const likeliest = (zones: ZoneChances): Zone =>
  ZONES.reduce((best, zone) => (zones[zone] > zones[best] ? zone : best))

/** What stands beside the numbers of a gap: its limits, its lofts, and what the golfer says of it. */
export type GapContext = {
  limits: GapLimits
  absentLoftsDeg: readonly number[]
  byLoft?: { deg: number; expectedM: number }
  between: readonly Omit<Extract<GapFact, { kind: 'between' }>, 'kind'>[]
  leftOnPurpose?: string
  onTotal?: OnTotal
}

const NO_CHANCES: ZoneChances = { reversed: 0, tooClose: 0, good: 0, tooWide: 0 }

/** A gap with a side that has no stock. */
export const unknownGap = (
  pair: GapClubs,
  { limits, absentLoftsDeg, leftOnPurpose }: GapContext,
): UnmeasuredGap => ({
  ...pair,
  verdict: 'not-judged',
  probability: 0,
  settled: false,
  zones: NO_CHANCES,
  ...(limits.zones && { limitsM: limits.zones }),
  byStockRule: {},
  absentClubs: absentLoftsDeg.length,
  ...(leftOnPurpose !== undefined && { leftOnPurpose }),
  facts: [],
})

/** What a gap's own numbers come to. */
type Judgeable = GapContext & {
  striking: Striking
  longer: GapSide
  shorter: GapSide
  difference: Difference
  byStockRule: Record<StockRule, number>
  /** The stocks that are shown, with their runs where the gap is one of totals. */
  shown: { longerM: number; shorterM: number }
}

/**
 * Judges one gap: settled in a zone, the same distance, borderline, or not settled, with
 * what more shots would do.
 * @param outlookOf asked only where the gap is not settled
 */
export function judgeGap(of: Judgeable, outlookOf: (limitsM: Zones) => Outlook): Gap {
  const { longer, shorter, limits, absentLoftsDeg, byLoft, leftOnPurpose, onTotal } = of
  const { below } = of.difference
  const interval = { lowM: of.difference.at(0.05), highM: of.difference.at(0.95) }
  const fits = byLoft && byLoft.expectedM >= interval.lowM && byLoft.expectedM <= interval.highM
  const loftFacts: GapFact[] = [
    ...(absentLoftsDeg.length > 0 ? [{ kind: 'absent' as const, loftsDeg: [...absentLoftsDeg] }] : []),
    ...(byLoft ? [{ kind: 'by-loft' as const, ...byLoft, fits: fits === true }] : []),
    ...of.between.map((each) => ({ kind: 'between' as const, ...each })),
    ...('instead' in limits && limits.instead ? [{ kind: 'instead' as const, gapRule: limits.instead }] : []),
  ]
  const measured = {
    longerId: longer.clubId,
    shorterId: shorter.clubId,
    gapM: of.difference.meanM,
    shownM: of.shown.longerM - of.shown.shorterM,
    ...interval,
    byStockRule: of.byStockRule,
    absentClubs: absentLoftsDeg.length,
    ...(byLoft && { loftSaysM: byLoft.expectedM, asLoftSays: fits === true }),
    ...(leftOnPurpose !== undefined && { leftOnPurpose }),
    ...(onTotal && { onTotal }),
  }
  if (!limits.zones) {
    const facts: GapFact[] = [{ kind: 'no-limits', lacks: limits.lacks }, ...loftFacts]
    return { ...measured, verdict: 'not-judged', probability: 0, settled: false, zones: NO_CHANCES, facts }
  }
  const limitsM = limits.zones
  const zones = zoneChances(of.difference, limitsM)
  const zone = likeliest(zones)
  const chance: GapFact = { kind: 'chance', zone, probability: zones[zone] }
  const sure = leastSure(longer, shorter)
  const judged = { ...measured, zones, limitsM }
  if (enoughToSettle(longer.count, shorter.count)) {
    const shorterM = shorter.posterior.meanM
    const from = sureFrom(of.striking)
    const inZone = zones[zone] >= from.zone ? zones[zone] : null
    const level = sameDistance(below, shorterM, from.line)
    const line: LimitNear | null = inZone === null ? nearLine(below, limitsM, shorterM, from.line) : null
    // The surer of what may be said: clubs at one number are that before they are "narrow" or "reversed".
    if (level && level.probability >= (inZone ?? line?.probability ?? 0)) {
      const { withinM, probability } = level
      const facts: GapFact[] = [{ kind: 'same-distance', withinM, probability }, chance, ...loftFacts]
      return { ...judged, verdict: 'same-distance', probability, settled: true, facts }
    }
    if (inZone !== null)
      return {
        ...judged,
        verdict: ZONE_VERDICT[zone],
        probability: inZone,
        settled: true,
        facts: [chance, sure, ...loftFacts],
      }
    if (line)
      return {
        ...judged,
        verdict: 'borderline',
        probability: line.probability,
        settled: true,
        lineM: line.limitM,
        facts: [{ kind: 'line', ...line }, chance, ...loftFacts],
      }
  }
  const { outlook, moreEach, atMoreEach, resting } = outlookOf(limitsM)
  const needs = lacking(longer, shorter)
  const prospect: GapFact =
    moreEach === undefined
      ? { kind: 'not-worth-it', probability: atMoreEach }
      : { kind: 'would-settle', shotsEach: moreEach, probability: atMoreEach }
  return {
    ...judged,
    verdict: ZONE_VERDICT[zone],
    probability: zones[zone],
    settled: false,
    outlook,
    ...(moreEach !== undefined && { moreEach }),
    ...(resting && { resting }),
    facts: [
      chance,
      ...(needs.length > 0 ? needs : [prospect]),
      ...(isWild(of.striking) ? [{ kind: 'scatter' as const, share: of.striking.scatter }] : []),
      sure,
      ...loftFacts,
    ],
  }
}

/** The clubs that have not the shots a verdict needs. */
const lacking = (longer: GapSide, shorter: GapSide): GapFact[] =>
  [
    { side: longer, wanted: shotsWantedAgainst(shorter.count) },
    { side: shorter, wanted: shotsWantedAgainst(longer.count) },
  ].flatMap(({ side: { clubId, count }, wanted }) =>
    count < wanted ? [{ kind: 'too-few' as const, clubId, count, wanted }] : [],
  )

/** The club that leaves the gap open most. */
function leastSure(longer: GapSide, shorter: GapSide): GapFact {
  const { clubId, posterior, count } =
    longer.posterior.varianceM2 >= shorter.posterior.varianceM2 ? longer : shorter
  return {
    kind: 'least-sure',
    clubId,
    lowM: stockAt(posterior, 0.05),
    highM: stockAt(posterior, 0.95),
    count,
  }
}
