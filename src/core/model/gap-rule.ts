import { type Segment } from './segment'

/** The limits that make a gap reversed, narrow, even or wide, in metres. */
export type Zones = {
  /** Below this the clubs stand in the wrong order. Always 0. */
  reversed: number
  /** Below this the gap is narrow. */
  tooClose: number
  /** Above this the gap is wide. */
  tooWide: number
}
/** The rules of what a good gap is. */
export const GAP_RULES = ['segment', 'tenth', 'spread', 'loft', 'own'] as const
export type GapRule = (typeof GAP_RULES)[number]
/** The golfer's own zones: one triple for all gaps, or one for each segment. */
export type OwnZones = Zones | Record<Segment, Zones>
