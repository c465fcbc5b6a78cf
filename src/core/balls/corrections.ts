import { ballOf, sameBall, type Ball, type BallName } from '../model/ball'
import { ballConverted, type BallFactor } from './trial'
import { corrected, type Correction } from '../monitors/correction'
import type { SetUp } from '../session/set-up'
import type { Flight } from '../shots/flight-fields'
import type { ShotAdjustments } from '../shots/adjustments'

/** What a golfer has found of monitors and balls, on or off, and what the balls are. */
export type Corrections = {
  corrections: readonly Correction[]
  factors: readonly BallFactor[]
  balls: readonly Ball[]
}

/** The monitor that measured a shot: the one that is named with it, else that of its session's set-up. */
export const measuredBy = (monitor: string | null, setUp: SetUp | undefined): string | null =>
  monitor ?? setUp?.monitor?.profile.name ?? null

/** The ball that a shot was hit with: the one that is named for the shot, else that of its session's set-up. */
export const hitWith = (ball: BallName | null, setUp: SetUp | undefined): BallName | null =>
  ball ?? setUp?.ball ?? null

/**
 * A flight as it counts: its monitor corrected, then its ball counted as another, each where that is switched on; with what
 * it holds of them, and half of the 90% interval of what they make of the carry.
 * @param of what measured it and what was hit; null where nobody said
 */
export function applyCorrections<F extends Flight>(
  flight: F,
  { monitor, ball }: { monitor: string | null; ball: BallName | null },
  { corrections, factors, balls }: Corrections,
): F & { adjustments?: ShotAdjustments } {
  const right = corrected(flight, monitor, corrections)
  const flown = ball === null ? right : ballConverted(right, ball, factors)
  const isConverted = flown !== right
  const carry = corrections.find((each) => each.on && each.monitor === monitor && each.field === 'carryM')
  const factor = factors.find((each) => each.on && ball !== null && sameBall(each.ball, ball))
  const unsureM = Math.hypot(
    right.carryM !== flight.carryM ? (carry?.half ?? 0) : 0,
    isConverted && right.carryM !== null ? right.carryM * halfOf(factor) : 0,
  )
  const adjustments: ShotAdjustments = {
    ...(right !== flight && monitor !== null && { corrected: monitor }),
    ...(ball !== null && isConverted && { converted: ball }),
    ...(ball !== null && !isConverted && ballOf(balls, ball).range && { rangeBall: ball }),
    ...(unsureM > 0 && { unsureM }),
  }
  return { ...flown, ...(Object.keys(adjustments).length > 0 && { adjustments }) }
}

/** How unsure a factor is: of several clubs the mean. */
const halfOf = (factor: BallFactor | undefined): number =>
  factor ? factor.at.reduce((sum, { half }) => sum + half, 0) / factor.at.length : 0
