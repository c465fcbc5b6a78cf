/** The air of a shot. Winds are seen from the ball to the target. */
export type Air = {
  tempC: number
  /** At the place, not brought to sea level. */
  pressureHpa: number
  /** Relative, 0 to 1. */
  humidity: number
  /** Positive with the ball, negative into it. */
  tailwindMps: number
  /** Positive to the right. */
  crosswindMps: number
  /** The wind was read this high above the ground and follows the logarithmic profile; absent: the same at every height. */
  windHeightM?: number
}
/** The air in which stocks are compared unless the golfer sets another. */
export const REFERENCE_AIR: Air = {
  tempC: 20,
  pressureHpa: 1013.25,
  humidity: 0.5,
  tailwindMps: 0,
  crosswindMps: 0,
}
