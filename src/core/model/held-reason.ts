/** Why a shot that was read waits for the golfer. */
export const HELD_REASONS = [
  'implausible-carry',
  'unknown-club',
  'other-station',
  'unknown-field',
  'no-station',
  'range-not-clear',
  'clock-off',
  'second-monitor',
] as const
export type HeldReason = (typeof HELD_REASONS)[number]
/** Held until somebody says which club it was. */
export const waitsForItsClub = (heldBecause: HeldReason | null): boolean =>
  heldBecause === 'no-station' || heldBecause === 'unknown-club'
