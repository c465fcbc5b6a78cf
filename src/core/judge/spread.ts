import type { Reading } from './reading'

/**
 * How this golfer's good shots scatter, pooled over the whole bag: a spread from the 3 to 5 shots of one
 * station is worth nothing. Shares (standard deviations of logarithms).
 */
export type Spread = {
  /** Of carry. */
  carry: number
  /** Of ball speed, and how it goes with carry: correlation, and slope of speed on carry. */
  speed: number
  correlation: number
  speedPerCarry: number
  launch: number
  /** Mean and standard deviation of offline as a share of carry. */
  lateralMean: number
  lateral: number
  /** Share of shots that are missed. */
  missed: number
}

/** A typical golfer, worth ten shots of evidence (twenty for the share missed): it hardly matters from 40 shots on. */
const USUAL = {
  carry: 0.035,
  speedOfCarry: 0.55,
  correlation: 0.6,
  launch: 0.07,
  lateral: 0.045,
  missed: 0.15,
}
const WORTH = 10
const MISSED_WORTH = 20
const MOST_MISSED = 0.4
/** A correlation from few shots can be anything; outside this it would explain speed by carry, or nothing at all. */
const CORRELATION = { least: 0.2, most: 0.95 }
/** A station adds to the spread from this much weight on. */
const LEAST_WEIGHT = 1.5

/**
 * Pools the spread of good shots within their stations.
 * @param weights probability that each reading is good, by place
 */
export function pooledSpread(stations: readonly (readonly Reading[])[], weights: Float64Array): Spread {
  const carry = new Pool()
  const speed = new Pool()
  const launch = new Pool()
  const lateral = new Pool()
  let both = 0
  let carryBoth = 0
  let speedBoth = 0
  let count = 0
  let good = 0
  for (const readings of stations) {
    const weightOf = ({ index }: Reading) => weights[index] as number
    carry.add(readings, weightOf, ({ logCarry }) => logCarry)
    launch.add(readings, weightOf, ({ logLaunch }) => logLaunch)
    const speedMean = speed.add(readings, weightOf, ({ logSpeed }) => logSpeed)
    if (speedMean !== null) {
      const measured = readings.filter(({ logSpeed }) => logSpeed !== null)
      const carryMean = weightedMean(measured, weightOf, ({ logCarry }) => logCarry) as number
      for (const reading of measured) {
        const w = weightOf(reading)
        const dy = reading.logCarry - carryMean
        const db = (reading.logSpeed as number) - speedMean
        both += w * dy * db
        carryBoth += w * dy ** 2
        speedBoth += w * db ** 2
      }
    }
    for (const reading of readings) {
      count++
      good += weightOf(reading)
    }
  }
  const all = stations.flat()
  const lateralMean =
    weightedMean(
      all,
      ({ index }) => weights[index] as number,
      (each) => each.lateral,
    ) ?? 0
  lateral.addAround(
    all,
    ({ index }) => weights[index] as number,
    (each) => each.lateral,
    lateralMean,
  )
  const carrySd = carry.sd(USUAL.carry)
  const speedSd = speed.sd(USUAL.speedOfCarry * carrySd)
  const seen = carryBoth > 0 && speedBoth > 0 ? both / Math.sqrt(carryBoth * speedBoth) : 0
  const drawn = (WORTH * USUAL.correlation + speed.df * seen) / (WORTH + speed.df)
  const correlation = Math.min(CORRELATION.most, Math.max(CORRELATION.least, drawn))
  const missed = (MISSED_WORTH * USUAL.missed + (count - good)) / (MISSED_WORTH + count)
  return {
    carry: carrySd,
    speed: speedSd,
    correlation,
    speedPerCarry: (correlation * speedSd) / carrySd,
    launch: launch.sd(USUAL.launch),
    lateralMean,
    lateral: lateral.sd(USUAL.lateral),
    missed: Math.min(MOST_MISSED, missed),
  }
}

type Of = (reading: Reading) => number | null

/** The weighted mean of what was measured; null where nothing was. */
export function weightedMean(
  readings: readonly Reading[],
  weightOf: (reading: Reading) => number,
  of: Of,
): number | null {
  let weight = 0
  let sum = 0
  for (const reading of readings) {
    const value = of(reading)
    if (value === null) continue
    weight += weightOf(reading)
    sum += weightOf(reading) * value
  }
  return weight > 0 ? sum / weight : null
}

/** Sums of squares within stations, with their degrees of freedom. */
class Pool {
  df = 0
  private squares = 0

  /** Adds a station around its own mean, which is returned where the station has weight enough to add. */
  add(readings: readonly Reading[], weightOf: (reading: Reading) => number, of: Of): number | null {
    const weight = readings.reduce((sum, each) => sum + (of(each) === null ? 0 : weightOf(each)), 0)
    if (weight < LEAST_WEIGHT) return null
    const mean = weightedMean(readings, weightOf, of) as number
    this.addAround(readings, weightOf, of, mean)
    this.df -= 1
    return mean
  }

  addAround(
    readings: readonly Reading[],
    weightOf: (reading: Reading) => number,
    of: Of,
    centre: number,
  ): void {
    for (const reading of readings) {
      const value = of(reading)
      if (value === null) continue
      this.df += weightOf(reading)
      this.squares += weightOf(reading) * (value - centre) ** 2
    }
  }

  sd(usual: number): number {
    return Math.sqrt((WORTH * usual ** 2 + this.squares) / (WORTH + this.df))
  }
}
