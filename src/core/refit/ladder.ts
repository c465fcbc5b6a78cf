import { carryAtLoft, middleLoftDeg, type AtLoft } from '../wedges/ladder'

/** What one degree takes off between two clubs of one model. */
export const slopeBetween = (longer: AtLoft, shorter: AtLoft): number =>
  (longer.carryM - shorter.carryM) / (shorter.loftDeg - longer.loftDeg)

/** The loft in the middle of two clubs of one model, and what it would carry: by loft alone. Of another model nothing is known until it is measured. */
export function middleRung(longer: AtLoft, shorter: AtLoft): AtLoft {
  const loftDeg = middleLoftDeg(longer.loftDeg, shorter.loftDeg)
  return { loftDeg, carryM: carryAtLoft(loftDeg, longer, shorter) }
}

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
