import type { ClubId } from '../ids'
import { belowIn, stockAt, type Posterior } from '../stock/stock-posterior'
import type { StockRule } from '../stock/stock-rules'
import { FEWEST_TO_SETTLE, SETTLED_FROM } from './settled'
import { nearLine, type Line } from './near-line'
import type { Outlook } from './outlook'
import type { Zones } from './zones'

export type Zone = 'reversed' | 'narrow' | 'even' | 'wide'
export const ZONES = ['reversed', 'narrow', 'even', 'wide'] as const
export type Verdict = Zone | 'on-the-line' | 'unknown'
export type ZoneChances = Record<Zone, number>

/** What carries a verdict, as data: the screens put it into words. */
export type StepFact =
  | { kind: 'chance'; zone: Zone; probability: number }
  | { kind: 'line'; limitM: number; withinM: number; probability: number }
  | { kind: 'too-few'; clubId: ClubId; count: number; wanted: number }
  | { kind: 'least-sure'; clubId: ClubId; lowM: number; highM: number; count: number }
  | { kind: 'would-settle'; shotsEach: number; probability: number }
  | { kind: 'not-worth-it'; probability: number }
  | { kind: 'absent'; clubs: number }

/** The difference in stock between neighbours, longer club minus shorter, and what may be said of it. */
export type Step = {
  longerId: ClubId
  shorterId: ClubId
  stepM?: number
  /** 90% interval. */
  lowM?: number
  highM?: number
  /** Not settled: the zone it leans to. */
  verdict: Verdict
  /** Probability of the verdict. */
  probability: number
  settled: boolean
  /** On the line: the limit that the step lies at. */
  lineM?: number
  /** Probability of each zone. */
  zones: ZoneChances
  limitsM: Zones
  /** The difference under every school of stocks. */
  schools: Partial<Record<StockRule, number>>
  /** Not settled: the chance that 6 more shots with each settle it. */
  outlook?: number
  /** Not settled: how many more with each settle it in one of two cases; absent where no number that is worth it does. */
  moreEach?: number
  /** Not settled, and more shots would hardly change that: stop asking. */
  resting?: boolean
  absentClubs: number
  facts: StepFact[]
}

/** One side of a step: a stock with its shots, and how far its own grid is to be stretched. */
export type Side = { clubId: ClubId; count: number; posterior: Posterior }

/** Difference of two stocks as a distribution. */
export type Difference = {
  meanM: number
  varianceM2: number
  /** Probability that the difference lies below `limitM`. */
  below: (limitM: number) => number
  /** The difference that lies below with probability `p`. */
  at: (p: number) => number
}

/**
 * The difference of two stocks, longer minus shorter.
 * @param extraVarianceM2 what their days and their drift add to the difference
 */
export function difference(longer: Posterior, shorter: Posterior, extraVarianceM2: number): Difference {
  const own = longer.varianceM2 + shorter.varianceM2
  const varianceM2 = own + extraVarianceM2
  const meanM = longer.meanM - shorter.meanM
  if (own <= 0) throw new RangeError(`a stock needs a spread, and ${meanM} m came without one`)
  // What days and drift add is spread over both grids alike.
  const stretched = Math.sqrt(varianceM2 / own)
  const below = (limitM: number): number => {
    const limit = meanM + (limitM - meanM) / stretched
    let sum = 0
    for (let j = 0; j < shorter.mass.length; j++) {
      const p = shorter.mass[j] as number
      if (p > 0) sum += p * belowIn(longer, limit + shorter.fromM + j * shorter.everyM)
    }
    return sum
  }
  const at = (p: number): number => {
    const sd = Math.sqrt(varianceM2)
    let [low, high] = [meanM - 12 * sd, meanM + 12 * sd]
    for (let i = 0; i < 40; i++) {
      const middle = (low + high) / 2
      if (below(middle) < p) low = middle
      else high = middle
    }
    return (low + high) / 2
  }
  return { meanM, varianceM2, below, at }
}

/** The probability of each zone of a difference. */
export function zoneChances({ below }: Difference, { reversed, narrow, wide }: Zones): ZoneChances {
  const [r, n, w] = [below(reversed), below(narrow), below(wide)]
  return { reversed: r, narrow: Math.max(0, n - r), even: Math.max(0, w - n), wide: Math.max(0, 1 - w) }
}

export const likeliest = (zones: ZoneChances): Zone =>
  ZONES.reduce((best, zone) => (zones[zone] > zones[best] ? zone : best))

/** A step with a side that has no stock. */
export const unknownStep = (
  pair: { longerId: ClubId; shorterId: ClubId },
  limitsM: Zones,
  absentClubs: number,
): Step => ({
  ...pair,
  verdict: 'unknown',
  probability: 0,
  settled: false,
  zones: { reversed: 0, narrow: 0, even: 0, wide: 0 },
  limitsM,
  schools: {},
  absentClubs,
  facts: [],
})

/** What a step's own numbers come to. */
export type Judgeable = {
  longer: Side
  shorter: Side
  difference: Difference
  limitsM: Zones
  absentClubs: number
  schools: Step['schools']
}

/**
 * Judges one step: settled in a zone, settled on the line of its zone, or not settled, with what more
 * shots would do.
 * @param outlookOf asked only where the step is not settled
 */
export function judgeStep(of: Judgeable, outlookOf: () => Outlook): Step {
  const { longer, shorter, limitsM, absentClubs } = of
  const zones = zoneChances(of.difference, limitsM)
  const zone = likeliest(zones)
  const measured = {
    longerId: longer.clubId,
    shorterId: shorter.clubId,
    stepM: of.difference.meanM,
    lowM: of.difference.at(0.05),
    highM: of.difference.at(0.95),
    zones,
    limitsM,
    schools: of.schools,
    absentClubs,
  }
  const absent: StepFact[] = absentClubs > 0 ? [{ kind: 'absent', clubs: absentClubs }] : []
  const chance: StepFact = { kind: 'chance', zone, probability: zones[zone] }
  const sure = leastSure(longer, shorter)
  const lacking = [longer, shorter].filter(({ count }) => count < FEWEST_TO_SETTLE)
  if (lacking.length === 0 && zones[zone] >= SETTLED_FROM) {
    return {
      ...measured,
      verdict: zone,
      probability: zones[zone],
      settled: true,
      facts: [chance, sure, ...absent],
    }
  }
  const line: Line | null =
    lacking.length === 0 ? nearLine(of.difference.below, limitsM, shorter.posterior.meanM) : null
  if (line) {
    return {
      ...measured,
      verdict: 'on-the-line',
      probability: line.probability,
      settled: true,
      lineM: line.limitM,
      facts: [{ kind: 'line', ...line }, chance, ...absent],
    }
  }
  const { outlook, moreEach, atMoreEach, resting } = outlookOf()
  const needs: StepFact[] = lacking.map(({ clubId, count }) => ({
    kind: 'too-few',
    clubId,
    count,
    wanted: FEWEST_TO_SETTLE,
  }))
  return {
    ...measured,
    verdict: zone,
    probability: zones[zone],
    settled: false,
    outlook,
    ...(moreEach !== undefined && { moreEach }),
    ...(resting && { resting }),
    facts: [
      chance,
      ...(needs.length > 0
        ? needs
        : [
            moreEach === undefined
              ? ({ kind: 'not-worth-it', probability: atMoreEach } as const)
              : ({ kind: 'would-settle', shotsEach: moreEach, probability: atMoreEach } as const),
          ]),
      sure,
      ...absent,
    ],
  }
}

/** The club that leaves the step open most. */
function leastSure(longer: Side, shorter: Side): StepFact {
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
