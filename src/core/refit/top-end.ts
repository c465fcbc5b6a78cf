import { phi } from '../math/normal'
import { yards } from '../units'

/** A club of the top of the bag. Metres. */
export type LongClub = { carryM: number; totalM: number; sdM: number }

/** How far the driver is ahead of the best fairway club: fine, worth a look, or the driver itself first. */
export type TopEnd = { aheadM: number; is: 'fine' | 'look' | 'driver-first' }
const FINE_M = yards(20)
const TOP_END_MARGIN_M = yards(10)

export function topEnd(
  driver: Pick<LongClub, 'totalM'>,
  fairway: readonly Pick<LongClub, 'totalM'>[],
): TopEnd | null {
  if (fairway.length === 0) return null
  const aheadM = driver.totalM - Math.max(...fairway.map(({ totalM }) => totalM))
  return { aheadM, is: aheadM >= FINE_M ? 'fine' : aheadM >= TOP_END_MARGIN_M ? 'look' : 'driver-first' }
}

const REACHES_FROM = 0.8
const SHORT_OF_M = yards(5)

/** Whether a fairway club's total reaches what the driver carries, nearly: two clubs for one distance. */
export const reachesDriver = (fairway: LongClub, driver: LongClub): boolean =>
  phi((fairway.totalM - (driver.carryM - SHORT_OF_M)) / Math.hypot(fairway.sdM, driver.sdM)) >= REACHES_FROM
