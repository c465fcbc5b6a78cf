/** A club of a ladder of lofts, longest first. Metres. */
export type Rung = { loftDeg: number; carryM: number }

/** What one degree takes off between two clubs of one model. */
export const slopeBetween = (longer: Rung, shorter: Rung): number =>
  (longer.carryM - shorter.carryM) / (shorter.loftDeg - longer.loftDeg)

/** What a loft between two clubs carries, where it is of their model: by loft alone. Of another model nothing is known until it is measured. */
export const rungBetween = (longer: Rung, shorter: Rung, loftDeg: number): Rung => ({
  loftDeg,
  carryM: longer.carryM - slopeBetween(longer, shorter) * (loftDeg - longer.loftDeg),
})

/** The loft in the middle of two clubs, and what it would carry. */
export const middleRung = (longer: Rung, shorter: Rung): Rung =>
  rungBetween(longer, shorter, (longer.loftDeg + shorter.loftDeg) / 2)

/** The steps above and below the seam between a set's irons and the wedges, for one choice of wedges. */
export type SeamChoice = { aboveM: number; belowM: number }

/**
 * Which of two choices keeps the step below the seam within a limit and, of those that do, has the smaller one above it;
 * null where neither does. What it costs is the step at the seam.
 */
export function seamChoice(choices: readonly SeamChoice[], mostBelowM: number): number | null {
  const within = choices.flatMap((choice, i) => (choice.belowM <= mostBelowM ? [{ ...choice, i }] : []))
  return within.sort((a, b) => a.aboveM - b.aboveM)[0]?.i ?? null
}
