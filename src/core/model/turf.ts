export const TURFS = ['soft', 'normal', 'firm'] as const
export type Turf = (typeof TURFS)[number]
