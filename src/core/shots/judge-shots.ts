import { isPlausibleCarry } from './plausible-carry'
import type { Mark } from './mark'
import type { Shot } from './shot'

/** A shot with what it was taken for. */
export type JudgedShot = Omit<Shot, 'mark'> & {
  mark: Mark
  solidProbability: number
  /** The carry is a number that a golf shot can have. */
  readable: boolean
  /** The shot is in the stock. */
  counts: boolean
}

/**
 * Says of every shot what it was. The golfer's mark wins; without one a shot with a plausible carry
 * is taken for solid and one without is a misread. A misread never counts, whatever its mark.
 */
export function judgeShots(shots: readonly Shot[]): JudgedShot[] {
  return shots.map((shot) => {
    const readable = isPlausibleCarry(shot.carryM)
    const mark = shot.mark ?? (readable ? 'solid' : 'misread')
    const counts = readable && mark === 'solid'
    return { ...shot, mark, readable, counts, solidProbability: counts ? 1 : 0 }
  })
}
