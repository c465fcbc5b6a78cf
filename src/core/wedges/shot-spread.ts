import { quantile } from '../math/quantile'
import { sample } from '../math/sample'

/** How a station's shots lie about where they were aimed: along the line and across it, positive to the right. */
type ShotSpread = {
  count: number
  along: { meanM: number; sdM: number; reachM: [number, number] }
  across: { meanM: number; sdM: number; reachM: [number, number] }
}

/** Spread and bias of shots whose side was measured; null below two. Reach is from the 10th to the 90th percentile. */
export function shotSpread(shots: readonly { carryM: number; offlineM: number }[]): ShotSpread | null {
  if (shots.length < 2) return null
  const of = (values: number[]) => {
    const { mean, sd } = sample(values)
    return {
      meanM: mean,
      sdM: sd,
      reachM: [quantile(values, 0.1), quantile(values, 0.9)] as [number, number],
    }
  }
  return {
    count: shots.length,
    along: of(shots.map(({ carryM }) => carryM)),
    across: of(shots.map(({ offlineM }) => offlineM)),
  }
}
