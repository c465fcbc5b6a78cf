import { TEED_SWING, type Swing } from '../model/station'
import type { Prior } from './stock-posterior'

/** A stock with its variance, in metres. */
export type Measured = { meanM: number; varianceM2: number }

/** Shares of the full swing's carry that partial swings usually have (common practice). */
const USUAL_SHARE: Record<Swing, number> = {
  'three-quarter': 0.9,
  half: 0.71,
  quarter: 0.47,
  [TEED_SWING]: 1.02,
}
const USUAL_SD = 0.07
/** From a tee a club carries a little further than from the ground. */
const TEED_SD = 0.03
/** One golfer's share differs from club to club by about this. */
const BETWEEN_CLUBS_SD = 0.025

/**
 * What a partial swing should carry: the full swing times the usual share and the golfer's own on other
 * clubs, weighted by precision. Null where neither is known.
 * @param others this swing and the full swing of the golfer's other clubs
 */
export function partialPrior(
  swing: Swing,
  full: Measured,
  others: readonly { full: Measured; partial: Measured }[],
): Prior | null {
  const shares = others.map((other) => {
    const share = other.partial.meanM / other.full.meanM
    const relative =
      other.partial.varianceM2 / other.partial.meanM ** 2 + other.full.varianceM2 / other.full.meanM ** 2
    return { share, precision: 1 / (BETWEEN_CLUBS_SD ** 2 + share ** 2 * relative) }
  })
  const usual = USUAL_SHARE[swing]
  if (usual !== undefined)
    shares.push({ share: usual, precision: 1 / (swing === TEED_SWING ? TEED_SD : USUAL_SD) ** 2 })
  const precision = shares.reduce((sum, each) => sum + each.precision, 0)
  if (precision === 0) return null
  const share = shares.reduce((sum, each) => sum + each.share * each.precision, 0) / precision
  return {
    carryM: full.meanM * share,
    varianceM2: full.meanM ** 2 * (1 / precision + BETWEEN_CLUBS_SD ** 2) + share ** 2 * full.varianceM2,
  }
}
