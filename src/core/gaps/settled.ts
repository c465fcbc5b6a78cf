/** A verdict needs this many counted shots with each club, and this many of both together: before that people stop because one appeared. */
export const FEWEST_TO_SETTLE = { each: 3, together: 7 }

/** A verdict is called from this probability on: at 0.8 people stop because one appeared. */
export const SETTLED_FROM = 0.9

/** Whether two clubs have the shots that a verdict needs. */
export const enoughToSettle = (longer: number, shorter: number): boolean =>
  Math.min(longer, shorter) >= FEWEST_TO_SETTLE.each && longer + shorter >= FEWEST_TO_SETTLE.together

/** How many counted shots a club needs for a verdict beside one that has `other`. */
export const wantedBeside = (other: number): number =>
  Math.max(FEWEST_TO_SETTLE.each, FEWEST_TO_SETTLE.together - other)
