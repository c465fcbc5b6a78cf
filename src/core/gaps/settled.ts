/** A verdict needs this many counted shots with each club: before that people stop because one appeared. */
export const FEWEST_TO_SETTLE = 4

/** A verdict is called from this probability on: at 0.8 people stop because one appeared. */
export const SETTLED_FROM = 0.9
