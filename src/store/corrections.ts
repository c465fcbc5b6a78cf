import type { Corrections } from '@/core/balls/corrections'
import type { GolferId } from '@/core/model/ids'
import { ballFactorsOf, ballsOf } from './balls'
import type { Database } from './database'
import { correctionsOf } from './monitors'

/** What a golfer has found of monitors and balls: read with the shots, applied by the core. */
export const correctionsInForce = (db: Database, golferId: GolferId): Corrections => ({
  corrections: correctionsOf(db, golferId),
  factors: ballFactorsOf(db, golferId),
  balls: ballsOf(db, golferId),
})
