import { quantile } from '@/core/stock/quantile'

/** The median time of one call in milliseconds, over `runs` calls after a few to warm up. */
export function medianMs(call: () => unknown, runs: number): number {
  for (let i = 0; i < Math.min(5, runs); i++) call()
  const times: number[] = []
  for (let i = 0; i < runs; i++) {
    globalThis.gc?.()
    const began = performance.now()
    call()
    times.push(performance.now() - began)
  }
  return quantile(times, 0.5)
}
