import type { ClubId } from '../ids'
import { difference, interval, probabilityBelow, type Estimate } from '../stock/estimate'
import { yards } from '../units'
import { FEWEST_TO_SETTLE } from './enough-shots'
import type { Zones } from './zones'

export type Zone = 'reversed' | 'narrow' | 'even' | 'wide'
export const ZONES = ['reversed', 'narrow', 'even', 'wide'] as const
export type Verdict = Zone | 'on-the-line' | 'unknown'

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
  zones: { reversed: number; narrow: number; even: number; wide: number }
  limitsM: Zones
  absentClubs: number
  facts: { kind: string; [fact: string]: number | string }[]
}

/** A step is on the line when its true value is within 3 yd or 2% of a limit, 8 times in 10. */
const ON_THE_LINE = { withinM: yards(3), withinOfCarry: 0.02, probability: 0.8 }

type Side = { clubId: ClubId; count: number; estimate: Estimate | null }

/**
 * Judges one step. It is settled only when its 90% interval crosses no limit and both clubs have
 * enough shots; otherwise the verdict is the zone that it leans to.
 */
export function judgeStep(longer: Side, shorter: Side, limits: Zones, absentClubs: number): Step {
  const pair = { longerId: longer.clubId, shorterId: shorter.clubId, limitsM: limits, absentClubs, facts: [] }
  if (!longer.estimate || !shorter.estimate) {
    const zones = { reversed: 0, narrow: 0, even: 0, wide: 0 }
    return { ...pair, verdict: 'unknown', probability: 0, settled: false, zones }
  }
  const step = difference(longer.estimate, shorter.estimate)
  const [lowM, highM] = interval(step)
  const below = [limits.reversed, limits.narrow, limits.wide].map((limit) => probabilityBelow(step, limit))
  const [r = 0, n = 0, w = 0] = below
  const zones = { reversed: r, narrow: n - r, even: w - n, wide: 1 - w }
  const leaning = ZONES.reduce((best, zone) => (zones[zone] > zones[best] ? zone : best))
  const measured = { ...pair, stepM: step.mean, lowM, highM, zones }
  const enough = Math.min(longer.count, shorter.count) >= FEWEST_TO_SETTLE
  const crossed = [limits.reversed, limits.narrow, limits.wide].some((limit) => lowM < limit && limit < highM)
  if (enough && !crossed) {
    return { ...measured, verdict: leaning, probability: zones[leaning], settled: true }
  }
  if (enough) {
    const line = onTheLine(step, limits, shorter.estimate.mean)
    if (line) return { ...measured, verdict: 'on-the-line', settled: true, ...line }
  }
  return { ...measured, verdict: leaning, probability: zones[leaning], settled: false }
}

function onTheLine(step: Estimate, limits: Zones, shorterM: number) {
  const within = Math.max(ON_THE_LINE.withinM, ON_THE_LINE.withinOfCarry * shorterM)
  const lines = [limits.reversed, limits.narrow, limits.wide].map((lineM) => ({
    lineM,
    probability: probabilityBelow(step, lineM + within) - probabilityBelow(step, lineM - within),
  }))
  const best = lines.reduce((a, b) => (b.probability > a.probability ? b : a))
  return best.probability >= ON_THE_LINE.probability ? best : null
}
