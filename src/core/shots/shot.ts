import type { Air } from '../model/air'
import type { Surface } from '../model/surface'
import type { ShotId } from '../model/ids'
import type { ShotAdjustments } from './adjustments'
import type { Station } from '../model/station'
import type { Flight } from './flight-fields'
import type { Mark } from '../model/mark'

/** What keeps a shot apart from a stock, which stands for calm air and a good lie, and where the golfer says so for mat or grass. */
export const EXCLUSIONS = ['warm-up', 'wind', 'rough', 'mat', 'grass'] as const
export type Exclusion = (typeof EXCLUSIONS)[number]

/** One hit ball with its station, as the calculations see it. */
export type Shot = Flight &
  Station & {
    id: ShotId
    /** Position in its session: 0, 1, 2 … */
    sequence: number
    /** Which of several sessions, oldest 0. */
    session?: number
    /** When it was hit, milliseconds since 1970: a long rest starts the golfer's freshness anew. */
    hitMs?: number
    /** The golfer's own mark, which always wins. */
    mark?: Mark
    /** Hit while warming up, in the wind, from a bad lie or off what the golfer's stocks do not stand for, when other shots were not. */
    exclusion?: Exclusion
    /** What the ball lay on; absent where nobody said. */
    surface?: Surface
    /** The air that its carry belongs to; absent where nobody said. */
    air?: Air
    /** What its numbers are besides what was measured. */
    adjustments?: ShotAdjustments
    /** Its total is what a device indoors computed: no ball ran. */
    totalComputed?: true
  }
