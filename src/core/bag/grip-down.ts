/** Gripped down, a club loses this share of its carry a centimetre (rule of thumb, from memory), over so many at most. */
export const GRIP_DOWN = { perCm: 0.016, mostCm: 5 } as const
