/** After this long without a ball somebody may have walked into the hitting area. */
const CLEAR_LAPSES_MS = 5 * 60_000

/**
 * Whether the golfer has to say again that the range is clear before the next ball.
 * @param lastMs when it was said last, or the last ball was hit since; null before the first time
 */
export const clearLapsed = (lastMs: number | null, nowMs: number): boolean =>
  lastMs === null || nowMs - lastMs >= CLEAR_LAPSES_MS
