/** What a shot was. Suggested by Banco, decided by the golfer. */
export const MARKS = ['solid', 'fat', 'thin', 'off-centre', 'wild', 'misread', 'other-club'] as const
export type Mark = (typeof MARKS)[number]
