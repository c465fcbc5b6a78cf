import { grouped, type ShotReading } from './reading'
import type { Spread } from './spread'

/**
 * A day has one factor for all its clubs: the ball, the air, the golfer's form. The reference is the golfer's usual day:
 * the factors have mean zero, so that a stock is the carry in the long run and days weigh alike. What sets days apart
 * is told by the clubs that were hit on more than one.
 */
export type DayFactors = {
  /** Logarithm of each day's carry and ball speed over the usual day's. */
  logCarry: number[]
  logSpeed: number[]
  /** Covariance of `logCarry`, with what no shot can tell: how far the mean of these days is off the usual one. */
  covariance: number[][]
}

/** Carry differs from day to day by about 1.5% before the shots have spoken. */
export const USUAL_SD = 0.015
/** Before a change is claimed of two days that nothing ties together, each is allowed a little more. */
export const UNTIED_SD = 0.02

/** Estimates the factors of all days by least squares within stations, drawn to none. */
export function dayFactors(
  readings: readonly ShotReading[],
  weights: Float64Array,
  count: number,
  spread: Spread,
): DayFactors {
  const kept = readings.filter(({ index }) => weights[index] === 1)
  const carry = factors(kept, count, ({ logCarry }) => logCarry, spread.carry)
  const speed = factors(kept, count, ({ logSpeed }) => logSpeed, spread.speed)
  return { logCarry: carry.factors, logSpeed: speed.factors, covariance: carry.covariance }
}

/** The readings as they would have been on the golfer's usual day. */
export const onUsualDay = (readings: readonly ShotReading[], days: DayFactors): ShotReading[] =>
  readings.map((reading) => ({
    ...reading,
    logCarry: reading.logCarry - (days.logCarry[reading.day] ?? 0),
    logSpeed: reading.logSpeed === null ? null : reading.logSpeed - (days.logSpeed[reading.day] ?? 0),
  }))

/** Share of a stock's weight on each day. */
export function daysOf(readings: readonly ShotReading[], weights: Float64Array, count: number): number[] {
  const on = new Array<number>(count).fill(0)
  let total = 0
  for (const { index, day } of readings) {
    const weight = weights[index] as number
    on[day] = (on[day] as number) + weight
    total += weight
  }
  return total > 0 ? on.map((weight) => weight / total) : on
}

/**
 * Variance that the day factors leave in a sum of stocks' logarithms.
 * @param on how much of the sum comes from each day
 */
export function dayVariance({ covariance }: DayFactors, on: readonly number[]): number {
  let sum = 0
  on.forEach((a, i) => on.forEach((b, j) => (sum += a * b * (covariance[i]?.[j] ?? 0))))
  return Math.max(0, sum)
}

/** The part of `dayVariance` that is in every stock alike, and so in no gap and on no bar: the usual day itself. */
export const usualDayVariance = ({ covariance }: DayFactors): number => USUAL_SD ** 2 / covariance.length

function factors(
  kept: readonly ShotReading[],
  count: number,
  of: (reading: ShotReading) => number | null,
  sd: number,
): { factors: number[]; covariance: number[][] } {
  if (count === 1) return { factors: [0], covariance: [[USUAL_SD ** 2]] }
  const precision = Array.from({ length: count }, (_, i) =>
    Array.from({ length: count }, (_, j) => (i === j ? 1 / USUAL_SD ** 2 : 0)),
  )
  const right = new Array<number>(count).fill(0)
  for (const group of grouped(kept, ({ station }) => station).values()) {
    const measured = group.flatMap((each) => {
      const value = of(each)
      return value === null ? [] : [{ day: each.day, value }]
    })
    if (measured.length < 2) continue
    const mean = measured.reduce((sum, { value }) => sum + value, 0) / measured.length
    const counts = new Map<number, number>()
    for (const { day, value } of measured) {
      counts.set(day, (counts.get(day) ?? 0) + 1)
      right[day] = (right[day] as number) + (value - mean) / sd ** 2
    }
    for (const [a, na] of counts) {
      for (const [b, nb] of counts) {
        const row = precision[a] as number[]
        row[b] = (row[b] as number) + ((a === b ? na : 0) - (na * nb) / measured.length) / sd ** 2
      }
    }
  }
  const covariance = inverted(precision)
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
