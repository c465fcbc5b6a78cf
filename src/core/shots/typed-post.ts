import type { ShotId } from '../model/ids'
import type { Station } from '../model/station'
import type { Mark } from '../model/mark'

/** A typed shot on its way into the store; its id makes it one shot however often it is sent. Lengths in metres. */
export type TypedPost = Station & {
  id: ShotId
  carryM: number
  offlineM?: number
  totalM?: number
  hitMs: number
  /** Waits for the golfer: one slip of the fingers would explain its carry. */
  heldBecause?: 'implausible-carry'
  /** As the golfer marked it while it waited. */
  mark?: Mark | null
  /** The shot that it corrects: that one leaves with the same act. */
  replaces?: ShotId
  /** The shot that was typed before it and waited still: it comes before this one. */
  after?: ShotId
}
