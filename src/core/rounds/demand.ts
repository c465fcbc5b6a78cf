import { type Demand } from '../gaps/demand'
import type { Stretch } from '../model/coverage'
import { yards, DAY_MS } from '../units'
import { played } from './use'
import type { Round } from './round'

const YEAR_MS = 365 * DAY_MS
const DEMAND_BIN_M = yards(5)
/** A goal zone is proposed from so many distances on. */
const FEWEST_FOR_ZONE = 20

/**
 * What was asked for in the rounds of the last twelve months. A shot from the tee is asked for what it reaches, not for
 * what the hole measures: one whose distance no club of the bag has is none.
 * @param longestM the longest stock: what is left beyond it is laid up to
 */
export function demandIn(rounds: readonly Round[], nowMs: number, longestM: number): Demand {
  const newest = played(rounds).filter(({ openedMs }) => openedMs > nowMs - YEAR_MS)
  return {
    rounds: newest.length,
    distancesM: newest.flatMap(({ shots }) =>
      shots.flatMap(({ leftM }) => (leftM === null || leftM > longestM ? [] : [leftM])),
    ),
  }
}

/** A histogram of what was faced, from 0 on; empty where nothing was. */
export function demandBins({ distancesM }: Demand, binM = DEMAND_BIN_M): number[] {
  const bins: number[] = []
  for (const distance of distancesM) {
    const index = Math.floor(distance / binM)
    while (bins.length <= index) bins.push(0)
    bins[index] = (bins[index] ?? 0) + 1
  }
  return bins
}

/** The shortest span that holds half of what was faced under the longest iron; null where too little was. */
export function goalZoneOf({ distancesM }: Demand, longestIronM: number): Stretch | null {
  const under = distancesM.filter((distance) => distance < longestIronM).sort((a, b) => a - b)
  if (under.length < FEWEST_FOR_ZONE) return null
  const half = Math.ceil(under.length / 2)
  let best: Stretch | null = null
  for (let i = 0; i + half <= under.length; i++) {
    const span: Stretch = [under[i] as number, under[i + half - 1] as number]
    if (!best || span[1] - span[0] < best[1] - best[0]) best = span
  }
  return best
}
