/**
 * Half of a 90% interval of a normal distribution in standard deviations: its 95th percentile, 1.6449 in any
 * printed table, in the four digits in which such tables are used.
 */
export const Z90 = 1.645

/** One standard deviation of what a 90% interval says. */
export const sdOf = ({ lowM, highM }: { lowM: number; highM: number }): number => (highM - lowM) / (2 * Z90)
