import { ballOf, sameBall, type BallName } from '@/core/balls/ball'
import { ballConverted, type BallFactor } from '@/core/balls/trial'
import type { GolferId } from '@/core/ids'
import { corrected } from '@/core/monitors/correction'
import type { SetUp } from '@/core/session/set-up'
import type { Flight } from '@/core/shots/flight-fields'
import type { ShotHolds } from '@/core/shots/holds'
import { ballFactorsOf, ballsOf } from './balls'
import type { Database } from './database'
import { correctionsOf } from './monitors'

/** By what a shot was measured and with which ball it was hit, where that was said of it alone; else its session's set-up says. */
type Of = { monitor: string | null; ball: string | null; setUp: SetUp | undefined }

/**
 * What acts on a golfer's shots before they are calculated with: corrections of their monitors and factors of their balls,
 * those that are switched on. What was stored stays; what acted is said with the shot.
 */
export function actingOn(db: Database, golferId: GolferId) {
  const corrections = correctionsOf(db, golferId).filter(({ on }) => on)
  const factors = ballFactorsOf(db, golferId).filter(({ on }) => on)
  const balls = ballsOf(db, golferId)
  return <F extends Flight>(flight: F, { monitor, ball, setUp }: Of): F & { holds?: ShotHolds } => {
    const by = measuredBy(monitor, setUp)
    const name = hitWith(ball, setUp)
    const right = corrected(flight, by, corrections)
    const flown = name === null ? null : ballConverted(right, name, factors)
    const isConverted = flown !== null && flown !== right
    const carryCorrection = corrections.find(({ monitor: of, field }) => of === by && field === 'carryM')
    const factor = factors.find((each) => name !== null && sameBall(each.ball, name))
    const unsureM = Math.hypot(
      right.carryM !== flight.carryM ? (carryCorrection?.half ?? 0) : 0,
      isConverted && right.carryM !== null ? right.carryM * halfOf(factor) : 0,
    )
    const holds: ShotHolds = {
      ...(right !== flight && by !== null && { corrected: by }),
      ...(name !== null && isConverted && { converted: name }),
      ...(name !== null && !isConverted && ballOf(balls, name).range && { rangeBall: name }),
      ...(unsureM > 0 && { unsureM }),
    }
    return { ...(flown ?? right), ...(Object.keys(holds).length > 0 && { holds }) }
  }
}

/** How unsure a factor is: of several clubs the mean. */
const halfOf = (factor: BallFactor | undefined): number =>
  factor ? factor.at.reduce((sum, { half }) => sum + half, 0) / factor.at.length : 0

/** The monitor that measured a shot: the one that is named with it, else that of its session's set-up. */
export const measuredBy = (monitor: string | null, setUp: SetUp | undefined): string | null =>
  monitor ?? setUp?.monitor?.profile.name ?? null

/** The ball that a shot was hit with: what was said from then on, else that of its session's set-up. */
export const hitWith = (ball: BallName | null, setUp: SetUp | undefined): BallName | null =>
  ball ?? setUp?.ball ?? null
