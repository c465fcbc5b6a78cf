import { REFERENCE_AIR, type Air } from '@/core/model/air'
import { fly, type FlightResult, type Launch } from '@/core/flight/fly'
import { launchAt, launchThatCarries, shortened, usualLaunch } from '@/core/flight/restate'
import { mpsFrom, speedIn } from '@/core/units'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'

/** How a ball is struck, against the golfer's usual strike with that club and swing. */
export type Strike = {
  /** Logarithm of the ball speed over the usual one. */
  speed: number
  /** Error of the dynamic loft: launch and spin follow it. */
  loftDeg: number
  /** What else launch and spin are multiplied with, as where the ball is hit thin. */
  launch?: number
  spin?: number
}

type BallFlight = { launchDeg: number; spinRatio: number; ballSpeedMps: number }
/** The usual strike with a club, and what scatters about it. */
export type UsualStrike = BallFlight & {
  clubSpeedMps: number
  /** Standard deviations of good strikes, chosen so that their carry has the golfer's spread. */
  speedSd: number
  loftSdDeg: number
}

/** Launch and spin ratio per degree of dynamic loft (from memory of practice). */
const PER_DEGREE = { launchDeg: 0.75, spinRatio: 0.0095 }
const LOFT_SD_DEG = 1
/** No more than this share of a golfer's spread comes from the dynamic loft. */
const LOFT_AT_MOST = 0.7
/** A per cent more ball speed carries at least so many per cent further, or the golfer's spin is lower. */
const LOST_CARRY_SHARE = 0.75
const LESS_SPIN = 0.93
const LEAST_OF_SPIN = 0.4
const SHORT_SWINGS_SCATTER = 1.15
const ANY_SHARE = 0.8

/** Near scratch, 14 handicap and beginner by the spread of their good shots' carry (from memory of practice). */
const SPREADS = [0.025, 0.035, 0.055] as const
const bySpread = (spread: number, [near, middle, beginner]: readonly [number, number, number]): number => {
  const [low, mid, high] = SPREADS
  if (spread <= mid) return near + (middle - near) * Math.max(0, (spread - low) / (mid - low))
  return middle + (beginner - middle) * Math.min(1, (spread - mid) / (high - mid))
}
const spinOf = (spread: number): number => bySpread(spread, [0.9, 1, 1.05])
/** Standard deviation of the line, as a share of carry. */
export const lineSdOf = (spread: number): number => bySpread(spread, [0.035, 0.05, 0.075])
const smashOf = (loftDeg: number, spread: number): number =>
  1.49 -
  0.0045 * (Math.min(loftDeg, 26) - 10) -
  0.0094 * Math.max(0, loftDeg - 26) -
  bySpread(spread, [0, 0.03, 0.06])

const known = new WeakMap<HiddenGolfer, Map<HiddenClub, Map<string, UsualStrike>>>()

/** The usual strike of a golfer, whose good shots carry on average what they truly carry; found once. */
export function usualStrike(golfer: HiddenGolfer, club: HiddenClub, swing: string): UsualStrike {
  const clubs = known.get(golfer) ?? new Map<HiddenClub, Map<string, UsualStrike>>()
  known.set(golfer, clubs)
  const swings = clubs.get(club) ?? new Map<string, UsualStrike>()
  clubs.set(club, swings)
  const strike = swings.get(swing) ?? solveStrike(golfer, club, swing)
  swings.set(swing, strike)
  return strike
}

function solveStrike(golfer: HiddenGolfer, club: HiddenClub, swing: string): UsualStrike {
  const full = swing === 'full'
  const { kind, loftDeg } = club
  const usually = usualLaunch({ loftDeg, teed: kind === 'driver', wood: kind === 'wood' })
  const spread = golfer.spread * (full ? 1 : SHORT_SWINGS_SCATTER)
  const trueCarryM = club.trueCarryM * (full ? 1 : (golfer.shares[swing] ?? ANY_SHARE))
  const solve = (carryM: number, spins: number) => {
    const kindOfLaunch = shortened(
      {
        launchDeg: usually.launchDeg + golfer.launchOffDeg,
        spinRatio: usually.spinRatio * golfer.spinFactor * spinOf(golfer.spread) * spins,
      },
      swing,
    )
    const launch = launchThatCarries(carryM, launchAt(kindOfLaunch), REFERENCE_AIR)
    return launch && { ...kindOfLaunch, ballSpeedMps: launch.ballSpeedMps }
  }
  const logCarry = (usual: BallFlight, strike: Strike) => Math.log(landed(launchOf(usual, strike)).carryM)
  const perSpeedOf = (usual: BallFlight) =>
    (logCarry(usual, { speed: 0.02, loftDeg: 0 }) - logCarry(usual, { speed: -0.02, loftDeg: 0 })) / 0.04

  // Who hits that far does not balloon the ball: more speed still carries further.
  let spins = 1
  let first = solve(trueCarryM, spins)
  while (!first || perSpeedOf(first) < LOST_CARRY_SHARE) {
    spins *= LESS_SPIN
    if (spins < LEAST_OF_SPIN) throw new Error(`No ball speed carries a ${club.name} that far.`)
    first = solve(trueCarryM, spins)
  }
  const strike = first
  const perDegree =
    (logCarry(strike, { speed: 0, loftDeg: 1 }) - logCarry(strike, { speed: 0, loftDeg: -1 })) / 2
  const loftSdDeg = Math.min(LOFT_SD_DEG, (LOFT_AT_MOST * spread) / Math.abs(perDegree))
  // Strikes to either side of the usual loft both cost carry: the mean is that of Gauss and Hermite's three places.
  const aside = Math.sqrt(3) * loftSdDeg
  const mean =
    (4 * Math.exp(logCarry(strike, { speed: 0, loftDeg: 0 })) +
      Math.exp(logCarry(strike, { speed: 0, loftDeg: aside })) +
      Math.exp(logCarry(strike, { speed: 0, loftDeg: -aside }))) /
    6
  const usual = solve((trueCarryM * trueCarryM) / mean, spins) ?? strike
  return {
    ...usual,
    clubSpeedMps: usual.ballSpeedMps / smashOf(loftDeg, golfer.spread),
    speedSd: Math.sqrt(spread ** 2 - (perDegree * loftSdDeg) ** 2) / perSpeedOf(strike),
    loftSdDeg,
  }
}

const LEAST = { launchDeg: 1, spinRatio: 0.02 }
const round = (value: number, digits: number): number => Number(value.toFixed(digits))

/** A speed in the digits in which a monitor gives it. */
export const tenthOfAMph = (mps: number): number => mpsFrom(round(speedIn(mps, 'mph'), 1), 'mph')

/** The launch of a strike, in the digits in which a monitor gives it. */
export function launchOf(
  { launchDeg, spinRatio, ballSpeedMps }: BallFlight,
  { speed, loftDeg, launch = 1, spin = 1 }: Strike,
): Launch {
  const mps = tenthOfAMph(ballSpeedMps * Math.exp(speed))
  const up = (launchDeg + PER_DEGREE.launchDeg * loftDeg) * launch
  const ratio = (spinRatio + PER_DEGREE.spinRatio * loftDeg) * spin
  const { spinRpm } = launchAt({ launchDeg, spinRatio: Math.max(LEAST.spinRatio, ratio) })(mps)
  return {
    ballSpeedMps: mps,
    launchDeg: round(Math.max(LEAST.launchDeg, up), 1),
    spinRpm: round(spinRpm, 0),
  }
}

/** The flight of a launch; every launch of a simulated golfer lands. */
export function landed(
  launch: Launch,
  air: Air = REFERENCE_AIR,
): Extract<FlightResult, { outcome: 'landed' }> {
  const flight = fly(launch, air)
  if (flight.outcome !== 'landed') throw new Error('A simulated ball did not land.')
  return flight
}
