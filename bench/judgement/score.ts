import { analyseBag, type BagAnalysis, type BagInput } from '@/core/analyse-bag'
import type { Club } from '@/core/bag/club'
import { lineWidth } from '@/core/gaps/near-line'
import type { Step, Zone } from '@/core/gaps/step'
import type { Zones } from '@/core/gaps/zones'
import type { ClubId, ShotId } from '@/core/ids'
import { lengthIn } from '@/core/units'
import type { HiddenClub, HiddenGolfer } from '../../simulators/golfers/hidden-golfer'
import type { SessionShot } from '../../simulators/golfers/hit-session'
import { WAYS_BY_HAND } from './ways-by-hand'

const TALLIES = [
  'stocks',
  'error',
  'squared',
  'held',
  'leftOut',
  'leftOutRight',
  'bad',
  'good',
  'goodLost',
  'steps',
  'settled',
  'wrong',
  'wrongBy2',
] as const

/** Sums over many golfers; every figure of the table is a ratio of two of them. */
export class Score {
  stocks = 0
  error = 0
  squared = 0
  held = 0
  leftOut = 0
  leftOutRight = 0
  bad = 0
  good = 0
  goodLost = 0
  steps = 0
  settled = 0
  wrong = 0
  wrongBy2 = 0
  /** By tenths of the likeliest zone's chance: how many, what was said, how often it was so. */
  readonly calibration = Array.from({ length: 10 }, () => ({ n: 0, said: 0, so: 0 }))
  readonly byHand = Object.keys(WAYS_BY_HAND).map((name) => ({ name, steps: 0, wrong: 0 }))

  /** Scores one bag's analysis against what is true of its golfer. */
  add(golfer: HiddenGolfer, shots: readonly SessionShot[], analysis: BagAnalysis): void {
    const truth = new Map(golfer.clubs.map((club) => [club.name, club.trueCarryM]))
    for (const { swing, clubId, model } of analysis.stocks) {
      if (swing !== 'full' || !model) continue
      const error = yd(model.carryM - (truth.get(clubId) as number))
      this.stocks++
      this.error += error
      this.squared += error ** 2
      const at = truth.get(clubId) as number
      if (model.lowM <= at && at <= model.highM) this.held++
    }
    const marks = new Map(analysis.shots.map(({ shotId, mark }) => [shotId, mark]))
    shots.forEach((shot, i) => {
      const out = marks.get(String(i) as ShotId) !== 'solid'
      const bad = shot.truth !== 'solid'
      if (out) this.leftOut++
      if (out && bad) this.leftOutRight++
      if (bad) this.bad++
      else this.good++
      if (out && !bad) this.goodLost++
    })
    for (const step of analysis.steps) {
      if (step.stepM === undefined || !step.limitsM) continue
      const isM = (truth.get(step.longerId) as number) - (truth.get(step.shorterId) as number)
      this.steps++
      const zone = (Object.entries(step.zones) as [Zone, number][]).reduce((a, b) => (b[1] > a[1] ? b : a))
      const bin = this.calibration[Math.min(9, Math.floor(zone[1] * 10))]
      if (bin) {
        bin.n++
        bin.said += zone[1]
        if (zoneAt(isM, step.limitsM) === zone[0]) bin.so++
      }
      if (step.settled) {
        this.settled++
        const off = wrongBy(step, isM, truth.get(step.shorterId) as number)
        if (off > 0) this.wrong++
        if (off > 2) this.wrongBy2++
      }
    }
    this.addByHand(golfer, shots, analysis, truth)
  }

  /** Adds another score to this one. */
  take(other: Score): void {
    for (const key of TALLIES) this[key] += other[key]
    this.calibration.forEach((bin, i) => {
      const from = other.calibration[i]
      if (from) Object.assign(bin, { n: bin.n + from.n, said: bin.said + from.said, so: bin.so + from.so })
    })
    this.byHand.forEach((row, i) => {
      row.steps += other.byHand[i]?.steps ?? 0
      row.wrong += other.byHand[i]?.wrong ?? 0
    })
  }

  private addByHand(
    { clubs }: HiddenGolfer,
    shots: readonly SessionShot[],
    { steps }: BagAnalysis,
    truth: ReadonlyMap<string, number>,
  ): void {
    const carries = (id: string) =>
      shots.filter(({ named }) => named.name === id).map(({ flight }) => flight.carryM)
    Object.values(WAYS_BY_HAND).forEach((way, w) => {
      const stock = new Map(clubs.map(({ name }) => [name, way(carries(name))]))
      for (const { longerId, shorterId, limitsM } of steps) {
        const [a, b] = [stock.get(longerId), stock.get(shorterId)]
        if (a == null || b == null || !limitsM) continue
        const isM = (truth.get(longerId) as number) - (truth.get(shorterId) as number)
        const row = this.byHand[w]
        if (!row) continue
        row.steps++
        if (zoneAt(a - b, limitsM) !== zoneAt(isM, limitsM)) row.wrong++
      }
    })
  }

  get figures() {
    const calibrationError = this.calibration.reduce((sum, { said, so }) => sum + Math.abs(said - so), 0)
    return {
      bias: this.error / this.stocks,
      rmse: Math.sqrt(this.squared / this.stocks),
      hold: this.held / this.stocks,
      precision: this.leftOutRight / this.leftOut,
      recall: this.leftOutRight / this.bad,
      goodLost: this.goodLost / this.good,
      settled: this.settled / this.steps,
      wrong: this.settled > 0 ? this.wrong / this.settled : 0,
      wrongBy2: this.settled > 0 ? this.wrongBy2 / this.settled : 0,
      calibration: calibrationError / this.steps,
      byHand: this.byHand.map(({ name, steps, wrong }) => ({ name, wrong: wrong / steps })),
    }
  }
}

/** The clubs and shots of a simulated golfer as the front door takes them; the shots' ids are their places. */
export function bagInputOf(golfer: HiddenGolfer, shots: readonly SessionShot[]): BagInput {
  return {
    clubs: clubsOf(golfer),
    shots: shots.map(({ flight, named, swing, position }, i) => ({
      ...flight,
      id: String(i) as ShotId,
      clubId: named.name as ClubId,
      swing,
      sequence: position,
    })),
  }
}

export const analyseGolfer = (golfer: HiddenGolfer, shots: readonly SessionShot[]): BagAnalysis =>
  analyseBag(bagInputOf(golfer, shots))

const clubsOf = ({ clubs, knowsLofts }: HiddenGolfer): Club[] =>
  clubs.map(({ name, kind, loftDeg }: HiddenClub, order) => ({
    id: name as ClubId,
    kind,
    loftDeg: knowsLofts ? loftDeg : null,
    order,
  }))

const yd = (metres: number): number => lengthIn(metres, 'yd')

export function zoneAt(stepM: number, { reversed, narrow, wide }: Zones): Zone {
  return stepM < reversed ? 'reversed' : stepM < narrow ? 'narrow' : stepM <= wide ? 'even' : 'wide'
}

/** By how many yards a settled verdict is wrong; 0 where it is right. */
function wrongBy({ verdict, lineM, limitsM }: Step, isM: number, shorterM: number): number {
  const line = verdict === 'level' ? 0 : lineM
  if (line !== undefined) return Math.max(0, yd(Math.abs(isM - line) - lineWidth(shorterM)))
  if (!limitsM) return 0
  const { reversed, narrow, wide } = limitsM
  const [low, high] = {
    reversed: [-Infinity, reversed],
    narrow: [reversed, narrow],
    even: [narrow, wide],
    wide: [wide, Infinity],
  }[verdict as Zone] as [number, number]
  return Math.max(0, yd(low - isM), yd(isM - high))
}
