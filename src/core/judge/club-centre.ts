import { density } from '../math/normal'
import type { ShotReading } from './reading'
import type { StrikeLikelihood } from './strike-likelihood'

/** Where a club's shots lie: the middle of each number that was measured, and how much it stands on. */
export type Centre = Partial<Record<'logCarry' | 'logSpeed' | 'logLaunch' | 'logSpin', number>> & {
  weight: number
}

/** Weights are probabilities: a club whose shots come to less has no centre. */
export const HALF_A_SHOT = 0.5
/** Spread of spin as a share. */
export const SPIN_SD = 0.085

const FIELDS = ['logCarry', 'logSpeed', 'logLaunch', 'logSpin'] as const

/** Weight, weighted sum and plain sums of one number over the readings that have it. */
type Sum = { weight: number; weighted: number; count: number; plain: number }

/** What a club's readings come to, so that its centre without a few of them is not worked out from all the others. */
export class Sums {
  private weight = 0
  private readonly sums: Sum[] = FIELDS.map(() => ({ weight: 0, weighted: 0, count: 0, plain: 0 }))
  readonly count: number

  constructor(
    readings: readonly ShotReading[],
    private readonly weights: Float64Array,
  ) {
    this.count = readings.length
    for (const reading of readings) this.add(reading, 1)
  }

  /** Readings that count in full. */
  static of(readings: readonly ShotReading[]): Sums {
    const most = readings.reduce((last, { index }) => Math.max(last, index), -1)
    return new Sums(readings, new Float64Array(most + 1).fill(1))
  }

  private add(reading: ShotReading, sign: 1 | -1): void {
    const weight = sign * (this.weights[reading.index] as number)
    this.weight += weight
    for (let at = 0; at < FIELDS.length; at++) {
      const value = reading[FIELDS[at] as (typeof FIELDS)[number]]
      if (value === null) continue
      const sum = this.sums[at] as Sum
      sum.weight += weight
      sum.weighted += weight * value
      sum.count += sign
      sum.plain += sign * value
    }
  }

  centre(): Centre {
    return this.centreBy(this.weight, ({ weight, weighted }) => (weight > 1e-9 ? weighted / weight : null))
  }

  /**
   * The centre without the suspects. Where all of what is left had been left out, it was the suspects that stood in the
   * middle: then all of it is looked at.
   */
  without(suspects: readonly ShotReading[]): Centre {
    for (const reading of suspects) this.add(reading, -1)
    const centre =
      this.weight >= HALF_A_SHOT
        ? this.centre()
        : this.centreBy(this.count - suspects.length, ({ count, plain }) =>
            count > 0 ? plain / count : null,
          )
    for (const reading of suspects) this.add(reading, 1)
    return centre
  }

  private centreBy(weight: number, meanOf: (sum: Sum) => number | null): Centre {
    const centre: Centre = { weight }
    for (let at = 0; at < FIELDS.length; at++) {
      const mean = meanOf(this.sums[at] as Sum)
      if (mean !== null) centre[FIELDS[at] as (typeof FIELDS)[number]] = mean
    }
    return centre
  }
}

const FLOOR = 1e-9

/** How likely a shot is of a club whose shots lie about a centre. */
export type ShotAt = {
  /** As a good one, and as a missed one. */
  good: number
  missed: number
  /** As a good one that carries what such a club does: all but its carry. */
  sameLoftCarry: number
}

/** @param carrySd how the golfer's good shots scatter, as a share */
export function shotAt(
  { logCarry, logSpeed, logLaunch, logSpin }: ShotReading,
  centre: Centre,
  likelihood: StrikeLikelihood,
  carrySd: number,
): ShotAt {
  const launch = logLaunch === null || centre.logLaunch === undefined ? null : logLaunch - centre.logLaunch
  const terms = likelihood.terms({ launch, lateral: null })
  const r = logCarry - (centre.logCarry as number)
  const e = logSpeed === null || centre.logSpeed === undefined ? null : logSpeed - centre.logSpeed
  const spin =
    logSpin === null || centre.logSpin === undefined ? 1 : density(logSpin - centre.logSpin, SPIN_SD) + FLOOR
  const likelihoodOf =
    e === null ? likelihood.goodWithoutSpeed(terms) : likelihood.goodGivenCarry(terms, r, e)
  const missed = e === null ? likelihood.missedWithoutSpeed(terms, r) : likelihood.missed(terms, r, e)
  // Where the centre itself is uncertain, a shot may be further from it.
  const carry = density(r, carrySd * Math.sqrt(1 + 1 / centre.weight))
  // Speed goes with carry: at the usual carry it is as likely as at the centre.
  const sameLoftCarry = e === null ? likelihoodOf : likelihood.goodGivenCarry(terms, 0, 0)
  return {
    good: carry * likelihoodOf * spin + FLOOR,
    missed: missed * spin,
    sameLoftCarry: sameLoftCarry * spin,
  }
}
