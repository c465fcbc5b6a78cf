/** How a head is made: what it can take of a bend. */
export const HEADS = ['forged', 'cast', 'hollow', 'titanium'] as const
export type Head = (typeof HEADS)[number]

/** What a club is in the bag for: one that is only hit from the tee is judged on its total. */
export const JOBS = ['tee', 'approach', 'trouble'] as const
export type Job = (typeof JOBS)[number]

/** What is known of a club besides its loft; nothing of it need be known. */
export type ClubBuild = {
  head?: Head
  /** A word of the golfer's own for the set it comes from: clubs of one model can be compared by loft. */
  model?: string
  /** Its loft was measured, not read off the club. */
  loftMeasured?: boolean
  /** The loft that stands on it, where its own is another. */
  markedDeg?: number
  lieDeg?: number
  lengthM?: number
  bounceDeg?: number
  /** How far a sleeve turns its loft either way. */
  sleeveDeg?: number
  /** How its sleeve is set, in the golfer's own words. */
  sleeveAt?: string
  shaft?: string
  shaftG?: number
  flex?: string
  grip?: string
  job?: Job
  /** How much it is liked, 1 to 5. */
  liking?: number
  /** Off a tee and from the ground it carries alike: its shots are one stock. */
  oneLie?: true
  /** Its length and bounce are what is usual: nobody looked. */
  usual?: true
}
