import type { BagAnalysis } from '@/core/analysis/bag-analysis'
import { lineWidth } from '@/core/gaps/near-limit'
import type { Gap, Zone, ZoneVerdict } from '@/core/gaps/gap'
import type { Zones } from '@/core/model/gap-rule'
import type { ShotId } from '@/core/model/ids'
import { lengthIn } from '@/core/units'
import { ratioOf, rootOf, type Ratio } from './ratio'
import { Reliability } from './reliability'
import type { Trial } from './trial'
import { HAND_RULES } from './hand-rules'

/** What one golfer's analysis comes to, in counts and yards. */
type Tally = {
  stocks: number
  error: number
  squared: number
  squaredShown: number
  held: number
  halfWidth: number
  /** The same by the interval that is shown, which holds what days do. */
  heldShown: number
  halfShown: number
  /** More than 8 yd short, by the estimate and as shown. */
  short: number
  shortShown: number
  /** Shown near the end of its interval, and without a sentence that says why. */
  atEdge: number
  odd: number
  leftOut: number
  leftOutRight: number
  bad: number
  good: number
  goodLost: number
  gaps: number
  settled: number
  wrong: number
  wrongBy2: number
  borderline: number
  borderlineWrong: number
  byHand: { gaps: number; wrong: number }[]
}

const NAMES_BY_HAND = Object.keys(HAND_RULES)

/** Many golfers' analyses against what is true of them; every figure is a ratio of two sums over golfers. */
export class Score {
  private readonly tallies: Tally[] = []
  /** Of the likeliest zone of every gap. */
  readonly verdicts = new Reliability()
  /** Of what is said of every shot that its golfer said nothing of. */
  readonly strikes = new Reliability()

  /** Scores one bag's analysis against what is true of its golfer. */
  add({ golfer, shots }: Trial, analysis: BagAnalysis): void {
    const truth = truthOf(golfer)
    this.tallies.push({
      ...stocksOf(analysis, truth),
      ...strikesOf(shots, analysis, this.strikes),
      ...gapsOf(analysis, truth, this.verdicts),
      byHand: byHandOf({ golfer, shots }, analysis, truth),
    })
  }

  /** Adds another score to this one. */
  take(other: Score): void {
    this.tallies.push(...other.tallies)
    this.verdicts.take(other.verdicts)
    this.strikes.take(other.strikes)
  }

  /** How many gaps were settled: what a share wrong among them stands on. */
  get settledGaps(): number {
    return this.tallies.reduce((sum, { settled }) => sum + settled, 0)
  }

  get figures() {
    const ratio = (of: (tally: Tally) => number, over: Exclude<keyof Tally, 'byHand'>): Ratio =>
      ratioOf(this.tallies, of, (tally) => tally[over])
    return {
      bias: ratio(({ error }) => error, 'stocks'),
      rmse: rootOf(ratio(({ squared }) => squared, 'stocks')),
      rmseShown: rootOf(ratio(({ squaredShown }) => squaredShown, 'stocks')),
      acquire: ratio(({ held }) => held, 'stocks'),
      halfWidth: ratio(({ halfWidth }) => halfWidth, 'stocks'),
      shownHeld: ratio(({ heldShown }) => heldShown, 'stocks'),
      halfShown: ratio(({ halfShown }) => halfShown, 'stocks'),
      short: ratio(({ short }) => short, 'stocks'),
      shortShown: ratio(({ shortShown }) => shortShown, 'stocks'),
      atEdge: ratio(({ atEdge }) => atEdge, 'stocks'),
      odd: ratio(({ odd }) => odd, 'stocks'),
      precision: ratio(({ leftOutRight }) => leftOutRight, 'leftOut'),
      recall: ratio(({ leftOutRight }) => leftOutRight, 'bad'),
      goodLost: ratio(({ goodLost }) => goodLost, 'good'),
      settled: ratio(({ settled }) => settled, 'gaps'),
      wrong: ratio(({ wrong }) => wrong, 'settled'),
      wrongBy2: ratio(({ wrongBy2 }) => wrongBy2, 'settled'),
      borderline: ratio(({ borderline }) => borderline, 'gaps'),
      borderlineWrong: ratio(({ borderlineWrong }) => borderlineWrong, 'borderline'),
      byHand: NAMES_BY_HAND.map((name, w) => ({
        name,
        ...ratioOf(
          this.tallies,
          ({ byHand }) => byHand[w]?.wrong ?? 0,
          ({ byHand }) => byHand[w]?.gaps ?? 0,
        ),
      })),
    }
  }
}

export const truthOf = ({ clubs }: Trial['golfer']): Map<string, number> =>
  new Map(clubs.map(({ name, trueCarryM }) => [name, trueCarryM]))

function stocksOf({ stocks }: BagAnalysis, truth: ReadonlyMap<string, number>) {
  const tally = {
    ...{ stocks: 0, error: 0, squared: 0, squaredShown: 0, held: 0, halfWidth: 0 },
    ...{ heldShown: 0, halfShown: 0, short: 0, shortShown: 0, atEdge: 0, odd: 0 },
  }
  for (const { swing, clubId, model, carryM, lowM, highM, odd } of stocks) {
    if (swing !== 'full' || !model || carryM === undefined) continue
    const at = truth.get(clubId) as number
    const error = yd(model.carryM - at)
    tally.stocks++
    tally.error += error
    tally.squared += error ** 2
    tally.squaredShown += yd(carryM - at) ** 2
    tally.halfWidth += yd(model.highM - model.lowM) / 2
    if (model.lowM <= at && at <= model.highM) tally.held++
    tally.halfShown += yd(highM - lowM) / 2
    if (lowM <= at && at <= highM) tally.heldShown++
    if (yd(at - model.carryM) > MUCH_SHORT_YD) tally.short++
    if (yd(at - carryM) > MUCH_SHORT_YD) tally.shortShown++
    if (!odd && Math.min(carryM - lowM, highM - carryM) < EDGE * (highM - lowM)) tally.atEdge++
    if (odd) tally.odd++
  }
  return tally
}

const MUCH_SHORT_YD = 8
const EDGE = 0.05

function strikesOf(shots: Trial['shots'], analysis: BagAnalysis, reliability: Reliability) {
  const tally = { leftOut: 0, leftOutRight: 0, bad: 0, good: 0, goodLost: 0 }
  const byShot = new Map(analysis.shots.map((shot) => [shot.shotId, shot]))
  shots.forEach(({ truth }, i) => {
    const judged = byShot.get(String(i) as ShotId)
    const out = judged?.mark !== 'solid'
    const bad = truth !== 'solid'
    if (judged) reliability.add(judged.solidProbability, !bad)
    if (out) tally.leftOut++
    if (out && bad) tally.leftOutRight++
    if (bad) tally.bad++
    else tally.good++
    if (out && !bad) tally.goodLost++
  })
  return tally
}

function gapsOf({ gaps }: BagAnalysis, truth: ReadonlyMap<string, number>, reliability: Reliability) {
  const tally = { gaps: 0, settled: 0, wrong: 0, wrongBy2: 0, borderline: 0, borderlineWrong: 0 }
  for (const gap of gaps) {
    const isM = trueGapM(gap, truth)
    if (gap.gapM === undefined || !gap.limitsM) continue
    tally.gaps++
    const zone = (Object.entries(gap.zones) as [Zone, number][]).reduce((a, b) => (b[1] > a[1] ? b : a))
    reliability.add(zone[1], zoneAt(isM, gap.limitsM) === zone[0])
    if (!gap.settled) continue
    const off = wrongBy(gap, isM, truth.get(gap.shorterId) as number)
    tally.settled++
    if (off > 0) tally.wrong++
    if (off > 2) tally.wrongBy2++
    if (gap.verdict !== 'borderline') continue
    tally.borderline++
    if (off > 0) tally.borderlineWrong++
  }
  return tally
}

function byHandOf(
  { golfer, shots }: Trial,
  { gaps }: BagAnalysis,
  truth: ReadonlyMap<string, number>,
): { gaps: number; wrong: number }[] {
  const carries = (id: string) =>
    shots.filter(({ named }) => named.name === id).map(({ flight }) => flight.carryM)
  return NAMES_BY_HAND.map((name) => {
    const rule = HAND_RULES[name]
    const stock = new Map(golfer.clubs.map((club) => [club.name, rule?.(carries(club.name)) ?? null]))
    const tally = { gaps: 0, wrong: 0 }
    for (const gap of gaps) {
      const [a, b] = [stock.get(gap.longerId), stock.get(gap.shorterId)]
      if (a == null || b == null || !gap.limitsM) continue
      tally.gaps++
      if (zoneAt(a - b, gap.limitsM) !== zoneAt(trueGapM(gap, truth), gap.limitsM)) tally.wrong++
    }
    return tally
  })
}

const yd = (metres: number): number => lengthIn(metres, 'yd')

export const trueGapM = (
  { longerId, shorterId }: Pick<Gap, 'longerId' | 'shorterId'>,
  truth: ReadonlyMap<string, number>,
): number => (truth.get(longerId) as number) - (truth.get(shorterId) as number)

export function zoneAt(gapM: number, { reversed, tooClose, tooWide }: Zones): Zone {
  return gapM < reversed ? 'reversed' : gapM < tooClose ? 'tooClose' : gapM <= tooWide ? 'good' : 'tooWide'
}

/** By how many yards a settled verdict is wrong; 0 where it is right. */
export function wrongBy({ verdict, lineM, limitsM }: Gap, isM: number, shorterM: number): number {
  const line = verdict === 'same-distance' ? 0 : lineM
  if (line !== undefined) return Math.max(0, yd(Math.abs(isM - line) - lineWidth(shorterM)))
  if (!limitsM) return 0
  const { reversed, tooClose, tooWide } = limitsM
  const [low, high] = {
    reversed: [-Infinity, reversed] as const,
    'too-close': [reversed, tooClose] as const,
    good: [tooClose, tooWide] as const,
    'too-wide': [tooWide, Infinity] as const,
  }[verdict as ZoneVerdict]
  return Math.max(0, yd(low - isM), yd(isM - high))
}
