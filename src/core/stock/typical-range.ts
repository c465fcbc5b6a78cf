import type { BagModel, StationModel } from '../judge/judge-stations'
import { PARTIAL_SPREAD } from '../judge/stock-posterior'
import { quantile } from '../math/quantile'
import { sdOf } from '../math/z90'
import { isWholeSwing } from '../model/station'
import type { HitStock } from './stock'

/** From the 10th to the 90th percentile of a normal distribution, in standard deviations to each side. */
const Z80 = 1.2815515655446004
/** Below this many shots their own percentiles say less than the spread of the whole bag; from twice as many on they say it alone. */
const OWN_FROM = 20

/**
 * Where 8 of 10 later good shots of a station fall, in metres. Of few shots by the golfer's spread, pooled over the bag,
 * and by what is not known of the stock; of many by the shots' own 10th and 90th percentiles.
 * @param carries of the counted shots, at least one
 */
export function typicalRange(
  carries: readonly number[],
  estimate: HitStock['model'],
  { swing }: StationModel,
  { spread }: BagModel,
): [number, number] {
  const shotSdM = spread.carry * estimate.carryM * (isWholeSwing(swing) ? 1 : PARTIAL_SPREAD)
  const half = Z80 * Math.hypot(shotSdM, sdOf(estimate))
  const own = Math.min(1, Math.max(0, carries.length / OWN_FROM - 1))
  return [
    (1 - own) * (estimate.carryM - half) + own * quantile(carries, 0.1),
    (1 - own) * (estimate.carryM + half) + own * quantile(carries, 0.9),
  ]
}
