/**
 * Half of a 90% interval of a normal distribution in standard deviations: its 95th percentile, 1.6449 in any
 * printed table, in the four digits in which such tables are used.
 */
export const Z90 = 1.645
