/** What a shot was. Suggested by Banco, decided by the golfer. */
export const MARKS = ['solid', 'fat', 'thin', 'off-centre', 'wild', 'misread', 'other-club'] as const
export type Mark = (typeof MARKS)[number]

/** A bad strike: neither a good shot, nor a misread, nor another club's. */
export const isMissed = (mark: Mark): boolean =>
  mark === 'fat' || mark === 'thin' || mark === 'off-centre' || mark === 'wild'
