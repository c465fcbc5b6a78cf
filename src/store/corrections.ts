import type { BallName } from '@/core/model/ball'
import type { GolferId } from '@/core/model/ids'
import type { SetUp } from '@/core/session/set-up'
import { applyCorrections, type Corrections } from '@/core/balls/corrections'
import type { Flight } from '@/core/shots/flight-fields'
import { ballFactorsOf, ballsOf } from './balls'
import type { Database } from './database'
import { correctionsOf } from './monitors'

/** By what a shot was measured and with which ball it was hit, where that was said of it alone; else its session's set-up says. */
type HitConditions = { monitor: string | null; ball: BallName | null; setUp: SetUp | undefined }

/**
 * What acts on a golfer's shots before they are calculated with. What was stored stays; what acted is said with the shot.
 */
export function correctionsInForce(db: Database, golferId: GolferId) {
  const corrections: Corrections = {
    corrections: correctionsOf(db, golferId),
    factors: ballFactorsOf(db, golferId),
    balls: ballsOf(db, golferId),
  }
  return <F extends Flight>(flight: F, { monitor, ball, setUp }: HitConditions) =>
    applyCorrections(flight, { monitor: measuredBy(monitor, setUp), ball: hitWith(ball, setUp) }, corrections)
}

/** The monitor that measured a shot: the one that is named with it, else that of its session's set-up. */
export const measuredBy = (monitor: string | null, setUp: SetUp | undefined): string | null =>
  monitor ?? setUp?.monitor?.profile.name ?? null

/** The ball that a shot was hit with: what was said from then on, else that of its session's set-up. */
export const hitWith = (ball: BallName | null, setUp: SetUp | undefined): BallName | null =>
  ball ?? setUp?.ball ?? null
