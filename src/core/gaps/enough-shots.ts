/** A verdict needs this many counted shots with each club: before that people stop because one appeared. */
export const FEWEST_TO_SETTLE = 4
