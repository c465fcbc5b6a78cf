import type { Air } from '@/core/model/air'
import type { Mark } from '@/core/model/mark'
import type { Dice } from './dice'
import type { HiddenClub, HiddenGolfer } from './hidden-golfer'
import { hitShot, type SimulatedShot } from './hit-shot'

export type PlannedShot = { club: HiddenClub; swing: string }
/** A shot of a session as the monitor names it, with what it truly was. */
export type SessionShot = SimulatedShot & { named: HiddenClub; swing: string; position: number }

/** A hitter of shots: the golfer's own, or one whose misses look otherwise. */
export type Hit = typeof hitShot

const MOST_FORGOTTEN = 3

/**
 * Hits a plan from its first shot to its last. A change of club that is forgotten on the monitor leaves the
 * next one to three shots under the club before.
 */
export function hitSession(
  golfer: HiddenGolfer,
  plan: readonly PlannedShot[],
  dice: Dice,
  { hit = hitShot, from = 0, air }: { hit?: Hit; from?: number; air?: Air } = {},
): SessionShot[] {
  let forgotten: { club: HiddenClub; left: number } | null = null
  return plan.map(({ club, swing }, i) => {
    const before = plan[i - 1]
    if (before && before.club !== club) {
      forgotten =
        swing === 'full' && before.swing === 'full' && dice.chance(golfer.forgets)
          ? { club: before.club, left: 1 + Math.floor(dice.between(0, MOST_FORGOTTEN)) }
          : null
    }
    const position = from + i
    const shot = hit(golfer, club, { swing, position, ...(air && { air }) }, dice)
    const named = forgotten && forgotten.left-- > 0 ? forgotten.club : club
    const truth: Mark = named === club ? shot.truth : 'other-club'
    return { ...shot, truth, named, swing, position }
  })
}

/** Rounds over all clubs, shortest first: every club a few, then all again, until each has its count. */
export function inRounds(clubs: readonly HiddenClub[], shotsEach: number, perRound = 3): PlannedShot[] {
  const plan: PlannedShot[] = []
  for (let left = shotsEach; left > 0; left -= perRound) {
    for (const club of clubs.toReversed()) {
      for (let i = 0; i < Math.min(left, perRound); i++) plan.push({ club, swing: 'full' })
    }
  }
  return plan
}
