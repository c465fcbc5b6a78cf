/** A verdict needs this many counted shots with each club, and this many of both together: before that people stop because one appeared. */
const FEWEST_TO_SETTLE = { each: 3, together: 7 }

/** How sure a verdict must be: of a zone, and of a line that the gap lies at. */
type Sure = { zone: number; line: number }

/** How a golfer's shots fall: the spread of good ones as a share of their carry, and the share that is missed. */
export type Striking = { scatter: number; missed: number }

/** At 0.8 for a zone people stop because a verdict appeared. */
const SURE: Sure = { zone: 0.9, line: 0.8 }
/**
 * Of golfers whose good shots scatter over a range, or who miss many, few gaps are truly far from a limit, and those that
 * seem so are wrong more often than they say: more is asked of a verdict, in full from the wider end on.
 */
const WILD = {
  scatter: { from: 0.045, full: 0.06 },
  missed: { from: 0.22, full: 0.26 },
  more: { zone: 0.085, line: 0.1 },
}
/** From this spread on it is said to be why gaps stay open (a beginner's: from memory of practice). */
const SHOWN_FROM = 0.05

/** How sure a verdict must be. */
export function sureFrom(striking: Striking): Sure {
  const along = (of: 'scatter' | 'missed') =>
    Math.min(1, Math.max(0, (striking[of] - WILD[of].from) / (WILD[of].full - WILD[of].from)))
  const wild = Math.max(along('scatter'), along('missed'))
  return { zone: SURE.zone + wild * WILD.more.zone, line: SURE.line + wild * WILD.more.line }
}

/** Whether the spread is what keeps gaps open. */
export const isWild = ({ scatter }: Striking): boolean => scatter >= SHOWN_FROM

/** Whether two clubs have the shots that a verdict needs. */
export const enoughToSettle = (longer: number, shorter: number): boolean =>
  Math.min(longer, shorter) >= FEWEST_TO_SETTLE.each && longer + shorter >= FEWEST_TO_SETTLE.together

/** How many counted shots a club needs for a verdict beside one that has `other`. */
export const shotsWantedAgainst = (other: number): number =>
  Math.max(FEWEST_TO_SETTLE.each, FEWEST_TO_SETTLE.together - other)
