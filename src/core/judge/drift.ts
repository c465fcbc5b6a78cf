import { grouped, type ShotReading } from './reading'

/** What the shots say of tiredness: the share of ball speed gained (negative: lost) over 90 shots. */
export type Drift = {
  /** The shots show a loss beyond doubt. */
  found: boolean
  /** The order of the shots can show one at all: club after club cannot, rounds can. */
  knowable: boolean
  /** As measured; absent where too few shots repeat a station. */
  per90?: number
  se?: number
  /** It was measured by ball speed, or by carry where there is too little of that. */
  of: 'speed' | 'carry'
  /** What the model corrects by: as measured, drawn to what golfers usually lose. */
  expected: { per90: number; sd: number }
}

const SPAN = 90
/** Over 90 shots a golfer usually loses 1% ± 1.5% of ball speed, and at most 6%. With 1.5% those who never tire pay for the others. */
const USUAL = { per90: -0.01, sd: 0.015 }
const MOST_LOST = -0.06
const FEWEST_DF = 5
/** Said only when it is beyond two standard errors and over 1%: false alarms in 2 to 4 of 100 sessions. */
const FOUND = { t: -2, per90: -0.01 }
/** With this standard error a loss of 4% is found in at least two sessions of three. */
const KNOWABLE_SE = 0.0165
/** Carry changes by this power of ball speed for one club. */
export const CARRY_PER_SPEED = 1.4
/** Ball speed is used where this share of a station's shots has it. */
const WITH_SPEED = 0.7

/**
 * The slope of ball speed (or of carry, where there is no speed) over the position in the session,
 * within each club and session, by least squares over the shots that are in.
 */
export function driftOf(readings: readonly ShotReading[], weights: Float64Array): Drift {
  const kept = readings.filter(({ index }) => weights[index] === 1)
  let count = 0
  let bySpeed = 0
  let groups = 0
  let sxx = 0
  let sxy = 0
  let syy = 0
  for (const group of grouped(kept, ({ station, session }) => `${station} ${session}`).values()) {
    const { points, of } = speedsOver(group)
    if (points.length < 2) continue
    if (of === 'speed') bySpeed += points.length
    const mean = (of: (point: Point) => number) => points.reduce((sum, p) => sum + of(p), 0) / points.length
    const [mx, my] = [mean(({ x }) => x), mean(({ y }) => y)]
    count += points.length
    groups++
    for (const { x, y } of points) {
      sxx += (x - mx) ** 2
      sxy += (x - mx) * (y - my)
      syy += (y - my) ** 2
    }
  }
  const df = count - groups - 1
  const of = bySpeed > count / 2 ? 'speed' : 'carry'
  if (df < FEWEST_DF || !(sxx > 0)) return { found: false, knowable: false, of, expected: USUAL }
  const per90 = sxy / sxx
  const se = Math.sqrt(Math.max(0, syy - per90 * sxy) / df / sxx)
  const precision = 1 / USUAL.sd ** 2 + (se > 0 ? 1 / se ** 2 : 0)
  const drawn = se > 0 ? (USUAL.per90 / USUAL.sd ** 2 + per90 / se ** 2) / precision : per90
  const knowable = se <= KNOWABLE_SE
  return {
    found: per90 < FOUND.t * se && per90 < FOUND.per90,
    knowable,
    per90,
    se,
    of,
    expected: {
      per90: Math.min(0, Math.max(MOST_LOST, drawn)),
      sd: se > 0 ? Math.sqrt(1 / precision) : 0,
    },
  }
}

/** From which shot since the last long rest on the golfer had lost more than 1% of ball speed; null where no loss shows. */
export const tiredFrom = ({ found, per90 }: Drift): number | null =>
  found && per90 !== undefined ? Math.ceil((FOUND.per90 / per90) * SPAN) : null

/** What is expected to be lost of the logarithm of ball speed at `position`; negative. */
const speedLost = ({ expected }: Pick<Drift, 'expected'>, position: number): number =>
  (expected.per90 * position) / SPAN

/** The same of carry. */
export const carryLost = (drift: Pick<Drift, 'expected'>, position: number): number =>
  CARRY_PER_SPEED * speedLost(drift, position)

/** The readings as the rested golfer would have hit them. */
export const rested = (readings: readonly ShotReading[], drift: Drift): ShotReading[] =>
  readings.map((reading) => ({
    ...reading,
    logCarry: reading.logCarry - carryLost(drift, reading.position),
    logSpeed: reading.logSpeed === null ? null : reading.logSpeed - speedLost(drift, reading.position),
  }))

/** Standard deviation that the correction leaves in the logarithm of a stock whose shots stand at `position` on average. */
export const driftSd = ({ expected }: Pick<Drift, 'expected'>, position: number): number =>
  (CARRY_PER_SPEED * expected.sd * position) / SPAN

/** Shots with one club before the next one's turn. */
const ROUND = 3

/**
 * What would be left unknown of a loss of ball speed over 90 shots, had they been hit in rounds of three: each club then
 * comes again over the whole session.
 * @param speedSd how the ball speed of good shots scatters, as a share
 */
export function sdInRounds(shots: number, clubs: number, speedSd: number): number {
  const rounds = Math.max(1, shots / clubs / ROUND)
  const sxx = ((shots * (shots / SPAN) ** 2) / 12) * (1 - 1 / rounds ** 2)
  return 1 / Math.sqrt(1 / USUAL.sd ** 2 + sxx / speedSd ** 2)
}

type Point = { x: number; y: number }

function speedsOver(group: readonly ShotReading[]): { points: Point[]; of: Drift['of'] } {
  const x = ({ position }: ShotReading) => position / SPAN
  const measured = group.flatMap((each) => (each.logSpeed === null ? [] : [{ x: x(each), y: each.logSpeed }]))
  return measured.length >= WITH_SPEED * group.length
    ? { of: 'speed', points: measured }
    : { of: 'carry', points: group.map((each) => ({ x: x(each), y: each.logCarry / CARRY_PER_SPEED })) }
}
