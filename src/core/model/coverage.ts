import { yards } from '../units'

/** A stock covers the numbers this near to it, unless the golfer says otherwise. */
export const DEFAULT_TOLERANCE_M = yards(5)
/** A stretch of distances, in metres, as [from, to]. */
export type Stretch = [number, number]
