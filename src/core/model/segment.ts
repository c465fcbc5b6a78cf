/** The part of the bag that a gap belongs to: the one of its longer club. */
export const SEGMENTS = ['top', 'irons', 'wedges'] as const
export type Segment = (typeof SEGMENTS)[number]
