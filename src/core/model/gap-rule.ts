import { type Segment } from './segment'

/** The limits that make a step reversed, narrow, even or wide, in metres. */
export type Zones = {
  /** Below this the clubs stand in the wrong order. Always 0. */
  reversed: number
  /** Below this the step is narrow. */
  tooClose: number
  /** Above this the step is wide. */
  tooWide: number
}
/** The schools of what an even step is. */
export const GAP_RULES = ['segment', 'tenth', 'spread', 'loft', 'own'] as const
export type GapRule = (typeof GAP_RULES)[number]
/** The golfer's own zones: one triple for all steps, or one for each segment. */
export type OwnZones = Zones | Record<Segment, Zones>
