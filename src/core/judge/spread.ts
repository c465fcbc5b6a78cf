import type { ShotReading } from './reading'

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
  /** Null where club speed is not measured, or says no more than ball speed does. */
  smash: SmashSpread | null
}

/** How smash scatters among good shots, and how it goes with their ball speed. */
type SmashSpread = {
  sd: number
  /** Slope of smash on ball speed, and what is left beside it. */
  perSpeed: number
  relativeSpeed: number
  /** Standard deviation of club speed: how fast a swing was says nothing of its strike. */
  clubSpeed: number
}

/** A typical golfer, worth ten shots of evidence (twenty for the share missed): it hardly matters from 40 shots on. */
const USUAL = {
  carry: 0.035,
  speedOfCarry: 0.55,
  correlation: 0.6,
  launch: 0.07,
  lateral: 0.045,
  missed: 0.15,
  smashOfSpeed: 0.6,
  clubOfSpeed: 0.8,
}
const WORTH = 10
const MISSED_WORTH = 20
const MOST_MISSED = 0.4
/** No golfer's good shots scatter more than this: what says so are missed ones (from memory of practice). */
const MOST_CARRY = 0.1
/** A correlation from few shots can be anything; outside this it would explain speed by carry, or nothing at all. */
const CORRELATION = { least: 0.2, most: 0.95 }
/** A station adds to the spread from this much weight on. */
const LEAST_WEIGHT = 1.5
/** A monitor whose smash never changes works club speed out of ball speed: it says nothing of a strike. */
const SMASH = { fewestDf: 5, leastSd: 0.003 }

/**
 * Pools the spread of good shots within their stations.
 * @param weights probability that each reading is good, by place
 */
export function pooledSpread(stations: readonly (readonly ShotReading[])[], weights: Float64Array): Spread {
  const weightOf: WeightOf = ({ index }) => weights[index] as number
  const carry = new Pool()
  const speed = new Pool()
  const launch = new Pool()
  const lateral = new Pool()
  const smash = new Pool()
  const club = new Pool()
  const speedAndCarry = new Together()
  const smashAndSpeed = new Together()
  for (const readings of stations) {
    carry.add(readings, weightOf, ({ logCarry }) => logCarry)
    launch.add(readings, weightOf, ({ logLaunch }) => logLaunch)
    if (speed.add(readings, weightOf, ({ logSpeed }) => logSpeed))
      speedAndCarry.add(
        readings,
        weightOf,
        ({ logSpeed }) => logSpeed,
        ({ logCarry }) => logCarry,
      )
    club.add(readings, weightOf, logClubSpeed)
    if (smash.add(readings, weightOf, ({ logSmash }) => logSmash))
      smashAndSpeed.add(
        readings,
        weightOf,
        ({ logSmash }) => logSmash,
        ({ logSpeed }) => logSpeed,
      )
  }
  const all = stations.flat()
  const lateralMean = weightedMean(all, weightOf, (each) => each.lateral) ?? 0
  lateral.addAround(all, weightOf, (each) => each.lateral, lateralMean)

  const carrySd = Math.min(MOST_CARRY, carry.sd(USUAL.carry))
  const speedSd = speed.sd(USUAL.speedOfCarry * carrySd)
  const correlation = speedAndCarry.correlation(speed.df)
  const good = all.reduce((sum, each) => sum + weightOf(each), 0)
  const missed = (MISSED_WORTH * USUAL.missed + (all.length - good)) / (MISSED_WORTH + all.length)
  return {
    carry: carrySd,
    speed: speedSd,
    correlation,
    speedPerCarry: (correlation * speedSd) / carrySd,
    launch: launch.sd(USUAL.launch),
    lateralMean,
    lateral: lateral.sd(USUAL.lateral),
    missed: Math.min(MOST_MISSED, missed),
    smash:
      smash.df < SMASH.fewestDf || smash.seen < SMASH.leastSd
        ? null
        : smashSpread(
            smash.sd(USUAL.smashOfSpeed * speedSd),
            club.sd(USUAL.clubOfSpeed * speedSd),
            speedSd,
            smashAndSpeed.correlation(smash.df),
          ),
  }
}

const smashSpread = (sd: number, clubSpeed: number, speed: number, correlation: number): SmashSpread => ({
  sd,
  clubSpeed,
  perSpeed: (correlation * sd) / speed,
  relativeSpeed: sd * Math.sqrt(1 - correlation ** 2),
})

const logClubSpeed = ({ logSpeed, logSmash }: ShotReading): number | null =>
  logSpeed === null || logSmash === null ? null : logSpeed - logSmash

type Measure = (reading: ShotReading) => number | null
type WeightOf = (reading: ShotReading) => number

/** The weighted mean of what was measured; null where nothing was. */
export function weightedMean(
  readings: readonly ShotReading[],
  weightOf: WeightOf,
  of: Measure,
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

  /** Adds a station around its own mean. @returns whether it has weight enough to add */
  add(readings: readonly ShotReading[], weightOf: WeightOf, of: Measure): boolean {
    const weight = readings.reduce((sum, each) => sum + (of(each) === null ? 0 : weightOf(each)), 0)
    if (weight < LEAST_WEIGHT) return false
    this.addAround(readings, weightOf, of, weightedMean(readings, weightOf, of) as number)
    this.df -= 1
    return true
  }

  addAround(readings: readonly ShotReading[], weightOf: WeightOf, of: Measure, centre: number): void {
    for (const reading of readings) {
      const value = of(reading)
      if (value === null) continue
      this.df += weightOf(reading)
      this.squares += weightOf(reading) * (value - centre) ** 2
    }
  }

  /** What the shots alone say. */
  get seen(): number {
    return this.df > 0 ? Math.sqrt(this.squares / this.df) : 0
  }

  /** What they say with a typical golfer beside them. */
  sd(usual: number): number {
    return Math.sqrt((WORTH * usual ** 2 + this.squares) / (WORTH + this.df))
  }
}

/** How two numbers of a shot go together within stations. */
class Together {
  private both = 0
  private first = 0
  private second = 0

  add(readings: readonly ShotReading[], weightOf: WeightOf, a: Measure, b: Measure): void {
    const measured = readings.filter((each) => a(each) !== null && b(each) !== null)
    const [meanA, meanB] = [weightedMean(measured, weightOf, a), weightedMean(measured, weightOf, b)]
    for (const reading of measured) {
      const [da, db] = [
        (a(reading) as number) - (meanA as number),
        (b(reading) as number) - (meanB as number),
      ]
      const w = weightOf(reading)
      this.both += w * da * db
      this.first += w * da ** 2
      this.second += w * db ** 2
    }
  }

  /** Drawn to that of a typical golfer, and held within what it can be. */
  correlation(df: number): number {
    const seen = this.first > 0 && this.second > 0 ? this.both / Math.sqrt(this.first * this.second) : 0
    const drawn = (WORTH * USUAL.correlation + df * seen) / (WORTH + df)
    return Math.min(CORRELATION.most, Math.max(CORRELATION.least, drawn))
  }
}
