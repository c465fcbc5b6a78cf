import cdf from '@stdlib/stats-base-dists-t-cdf'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'

/** A mean with its standard error and the degrees of freedom behind that error. */
export type Estimate = { mean: number; se: number; df: number }

/** Every interval that Banco states holds the true value nine times in ten. */
export const INTERVAL = 0.9

/** The central 90% Student-t interval of an estimate, as [low, high]. */
export function interval({ mean, se, df }: Estimate): [number, number] {
  const half = se === 0 ? 0 : tQuantile((1 + INTERVAL) / 2, df) * se
  return [mean - half, mean + half]
}

/**
 * The difference a − b of two independent estimates, with Welch's degrees of freedom
 * (Welch 1947; the form of the NIST/SEMATECH e-Handbook, 7.3.1).
 */
export function difference(a: Estimate, b: Estimate): Estimate {
  const va = a.se ** 2
  const vb = b.se ** 2
  const v = va + vb
  const df = v === 0 ? Math.min(a.df, b.df) : v ** 2 / (va ** 2 / a.df + vb ** 2 / b.df)
  return { mean: a.mean - b.mean, se: Math.sqrt(v), df }
}

/** The probability that the true value of an estimate lies below `limit`. */
export function probabilityBelow({ mean, se, df }: Estimate, limit: number): number {
  if (limit === Infinity) return 1
  if (limit === -Infinity) return 0
  if (se === 0) return mean < limit ? 1 : 0
  return cdf((limit - mean) / se, df)
}
