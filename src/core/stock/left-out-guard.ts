import type { ClubId, ShotId } from '../model/ids'
import { median } from '../math/quantile'
import { sample } from '../math/sample'
import { yards } from '../units'
import type { Mark } from '../model/mark'
import type { Swing } from '../model/station'

/** The golfer left out shots on one side only, without a strike that their numbers show. */
export type OneSided = {
  clubId: ClubId
  swing: Swing
  shotIds: ShotId[]
  side: 'long' | 'short'
  /** Mean carry with and without them. */
  withM: number
  withoutM: number
}

export type GuardedShot = {
  id: ShotId
  carryM: number
  /** The golfer's own mark. */
  mark: Mark | undefined
  /** The shot is in the stock. */
  included: boolean
  /** Probability that the shot is solid as if the golfer had not marked it. */
  unmarkedSolid: number
}

const FEWEST = 3
const MOVES_M = yards(2)
/** A mark says a strike that the numbers do not show where the shot is likelier solid than not. */
const NO_STRIKE_FROM = 0.5

/**
 * Notices that a golfer chose the answer: three or more shots left out for no strike that shows, all on
 * one side of the median of what is left, moving the mean by over 2 yd.
 */
export function leftOutGuard(
  station: { clubId: ClubId; swing: Swing },
  shots: readonly GuardedShot[],
): OneSided | null {
  const chosen = shots.filter(
    ({ mark, unmarkedSolid }) =>
      mark !== undefined &&
      mark !== 'solid' &&
      (mark === 'misread' || mark === 'other-club' || unmarkedSolid >= NO_STRIKE_FROM),
  )
  const kept = shots.filter(({ included }) => included)
  if (chosen.length < FEWEST || kept.length === 0) return null
  const all = [...kept, ...chosen]
  const middle = median(kept.map(({ carryM }) => carryM))
  const long = chosen.every(({ carryM }) => carryM > middle)
  const short = chosen.every(({ carryM }) => carryM < middle)
  const withM = sample(all.map(({ carryM }) => carryM)).mean
  const withoutM = sample(kept.map(({ carryM }) => carryM)).mean
  if ((!long && !short) || Math.abs(withM - withoutM) <= MOVES_M) return null
  return {
    ...station,
    shotIds: chosen.map(({ id }) => id),
    side: long ? 'long' : 'short',
    withM,
    withoutM,
  }
}
