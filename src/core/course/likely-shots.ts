import quantile from '@stdlib/stats-base-dists-normal-quantile'
import { missedClears } from './chance'
import type { NumberChoice } from './number'

/** One of so many shots as they would likely come: where it lands. */
type LikelyShot = { carryM: number; missed: boolean }

const BISECTIONS = 30
/** No miss is drawn shorter than this share of the carry. */
const SHORTEST = 0.4

/**
 * Where so many shots would likely land: good ones evenly through their spread, missed ones through that of misses. The
 * same ones each time, so that a picture of two clubs compares the clubs and no luck.
 */
export function likelyShots({ shot, carryM, unsureM }: NumberChoice, count: number): LikelyShot[] {
  const missed = Math.round(shot.missed * count)
  const sd = Math.hypot(shot.shotSdM, unsureM)
  const share = (i: number, of: number) => (i + 0.5) / of
  return [
    ...Array.from({ length: count - missed }, (_, i) => ({
      carryM: quantile(share(i, count - missed), carryM, sd),
      missed: false,
    })),
    ...Array.from({ length: missed }, (_, i) => ({
      carryM: missAt(share(i, missed), carryM, shot.shotSdM / shot.carryM),
      missed: true,
    })),
  ]
}

/** What this share of the misses carries at most. */
function missAt(share: number, carryM: number, variation: number): number {
  let [low, high] = [SHORTEST * carryM, 1.15 * carryM]
  for (let i = 0; i < BISECTIONS; i++) {
    const middle = (low + high) / 2
    if (1 - missedClears(Math.log(carryM / middle), variation) < share) low = middle
    else high = middle
  }
  return (low + high) / 2
}
