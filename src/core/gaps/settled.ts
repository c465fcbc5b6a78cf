/** A verdict needs this many counted shots with each club, and this many of both together: before that people stop because one appeared. */
export const FEWEST_TO_SETTLE = { each: 3, together: 7 }

/** How sure a verdict must be: of a zone, and of a line that the step lies at. */
export type Sure = { zone: number; line: number }

/** At 0.8 for a zone people stop because a verdict appeared. */
const SURE: Sure = { zone: 0.9, line: 0.8 }
/**
 * Of golfers whose good shots scatter over a range few steps are truly far from a limit, and those that seem so are
 * wrong more often than they say: more is asked of a verdict, in full from the wider end on.
 */
const WILD = { from: 0.045, said: 0.05, full: 0.06, more: { zone: 0.05, line: 0.1 } }

/** How sure a verdict must be of a golfer whose good shots scatter by this share of their carry. */
export function sureFrom(scatter: number): Sure {
  const wild = Math.min(1, Math.max(0, (scatter - WILD.from) / (WILD.full - WILD.from)))
  return { zone: SURE.zone + wild * WILD.more.zone, line: SURE.line + wild * WILD.more.line }
}

/** Whether the spread is what keeps steps open (a beginner's: from memory of practice). */
export const isWild = (scatter: number): boolean => scatter >= WILD.said

/** Whether two clubs have the shots that a verdict needs. */
export const enoughToSettle = (longer: number, shorter: number): boolean =>
  Math.min(longer, shorter) >= FEWEST_TO_SETTLE.each && longer + shorter >= FEWEST_TO_SETTLE.together

/** How many counted shots a club needs for a verdict beside one that has `other`. */
export const wantedBeside = (other: number): number =>
  Math.max(FEWEST_TO_SETTLE.each, FEWEST_TO_SETTLE.together - other)
