import type { Turf } from '../model/turf'

/** The bounce that suits a turf, in degrees (common practice): less on firm ground and tight lies, more on soft. A digging swing wants more. */
export const BOUNCE_FOR: Record<Turf, number> = { firm: 8, normal: 11, soft: 14 }
/** Further from it than this, a wedge is worth a word. */
const FAR_DEG = 3

/** Whether a wedge's bounce is much or little for a turf; null where it suits. */
export function bounceFor(bounceDeg: number, turf: Turf): 'much' | 'little' | null {
  const over = bounceDeg - BOUNCE_FOR[turf]
  return over >= FAR_DEG ? 'much' : over <= -FAR_DEG ? 'little' : null
}
