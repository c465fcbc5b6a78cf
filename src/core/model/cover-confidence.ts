/** What a golfer would rather not lie in. */
export const HAZARDS = ['water', 'bunker', 'rough'] as const
export type HazardKind = (typeof HAZARDS)[number]
/** How sure a golfer wants to be of each, as a chance. */
export type CoverConfidence = Record<HazardKind, number>
/** 9 in 10, 8 in 10, 2 in 3 (common practice). */
export const USUAL_COVER_CONFIDENCE: CoverConfidence = { water: 0.9, bunker: 0.8, rough: 0.65 }
