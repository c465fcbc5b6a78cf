import { grouped, type Reading } from './reading'
import type { Spread } from './spread'

/**
 * A day has one factor for all its clubs: the ball, the air, the golfer's form. The newest day is the
 * reference; the others are brought to it by the clubs that were hit on both.
 */
export type DayFactors = {
  /** Logarithm of each session's carry and ball speed over the newest session's. */
  logCarry: number[]
  logSpeed: number[]
  /** Covariance of `logCarry`. */
  covariance: number[][]
}

/** Carry differs from day to day by about 1.5% before the shots have spoken. */
export const USUAL_SD = 0.015
/** Before a change is claimed of two days that nothing ties together, each is allowed a little more. */
export const UNTIED_SD = 0.02

/** Estimates the factors of all sessions by least squares within stations, drawn to none. */
export function dayFactors(
  readings: readonly Reading[],
  weights: Float64Array,
  sessions: number,
  spread: Spread,
): DayFactors {
  const kept = readings.filter(({ index }) => weights[index] === 1)
  const carry = factors(kept, sessions, ({ logCarry }) => logCarry, spread.carry)
  const speed = factors(kept, sessions, ({ logSpeed }) => logSpeed, spread.speed)
  return { logCarry: carry.factors, logSpeed: speed.factors, covariance: carry.covariance }
}

/** The readings as they would have been on the newest day. */
export const onNewestDay = (readings: readonly Reading[], days: DayFactors): Reading[] =>
  readings.map((reading) => ({
    ...reading,
    logCarry: reading.logCarry - (days.logCarry[reading.session] ?? 0),
    logSpeed: reading.logSpeed === null ? null : reading.logSpeed - (days.logSpeed[reading.session] ?? 0),
  }))

/** Share of a stock's weight on each session. */
export function daysOf(readings: readonly Reading[], weights: Float64Array, sessions: number): number[] {
  const on = new Array<number>(sessions).fill(0)
  let total = 0
  for (const { index, session } of readings) {
    const weight = weights[index] as number
    on[session] = (on[session] as number) + weight
    total += weight
  }
  return total > 0 ? on.map((weight) => weight / total) : on
}

/**
 * Variance that the day factors leave in a sum of stocks' logarithms.
 * @param on how much of the sum stands on each session
 */
export function dayVariance({ covariance }: DayFactors, on: readonly number[]): number {
  let sum = 0
  on.forEach((a, i) => on.forEach((b, j) => (sum += a * b * (covariance[i]?.[j] ?? 0))))
  return Math.max(0, sum)
}

function factors(
  kept: readonly Reading[],
  sessions: number,
  of: (reading: Reading) => number | null,
  sd: number,
): { factors: number[]; covariance: number[][] } {
  const older = Math.max(0, sessions - 1)
  const zeros = () => Array.from({ length: sessions }, () => new Array<number>(sessions).fill(0))
  if (older === 0) return { factors: new Array<number>(sessions).fill(0), covariance: zeros() }
  const precision = zeros()
  const right = new Array<number>(sessions).fill(0)
  for (const group of grouped(kept, ({ station }) => station).values()) {
    const measured = group.flatMap((each) => {
      const value = of(each)
      return value === null ? [] : [{ session: each.session, value }]
    })
    if (measured.length < 2) continue
    const mean = measured.reduce((sum, { value }) => sum + value, 0) / measured.length
    const counts = new Map<number, number>()
    for (const { session, value } of measured) {
      counts.set(session, (counts.get(session) ?? 0) + 1)
      right[session] = (right[session] as number) + (value - mean) / sd ** 2
    }
    for (const [a, na] of counts) {
      for (const [b, nb] of counts) {
        const row = precision[a] as number[]
        row[b] = (row[b] as number) + ((a === b ? na : 0) - (na * nb) / measured.length) / sd ** 2
      }
    }
  }
  const system = precision
    .slice(0, older)
    .map((row, i) => row.slice(0, older).map((v, j) => (i === j ? v + 1 / USUAL_SD ** 2 : v)))
  const inverse = inverted(system)
  const covariance = zeros()
  inverse.forEach((row, i) => row.forEach((v, j) => ((covariance[i] as number[])[j] = v)))
  const found = covariance.map((row) => row.reduce((sum, v, j) => sum + v * (right[j] as number), 0))
  return { factors: found, covariance }
}

/** The inverse of a positive definite matrix, by Gauss and Jordan. */
function inverted(matrix: number[][]): number[][] {
  const n = matrix.length
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))])
  for (let i = 0; i < n; i++) {
    const pivotRow = rows[i] as number[]
    const pivot = pivotRow[i] as number
    for (let k = 0; k < 2 * n; k++) pivotRow[k] = (pivotRow[k] as number) / pivot
    for (let j = 0; j < n; j++) {
      const row = rows[j] as number[]
      const factor = row[i] as number
      if (j === i || factor === 0) continue
      for (let k = 0; k < 2 * n; k++) row[k] = (row[k] as number) - factor * (pivotRow[k] as number)
    }
  }
  return rows.map((row) => row.slice(n))
}
