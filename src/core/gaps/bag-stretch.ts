import type { Club } from '../bag/club'
import { sevenIron, SEVEN_IRON_WITHIN_DEG } from '../bag/seven-iron'
import { density, phi } from '../math/normal'
import { yards } from '../units'

/** A full-swing stock as far as the limits of gaps go. */
export type StockCarry = { club: Club; carryM: number; varianceM2: number; count: number }

/** Limits are those of a golfer whose driver carries this; another's are stretched by the share, within bounds. */
const TYPICAL_DRIVER_M = yards(210)
const STRETCH = { least: 0.6, most: 1.1 }
/** A driver speaks for itself from this many shots on; before, 1.5 times the seven-iron stands for it (from memory). */
const FEWEST_DRIVER_SHOTS = 4
const DRIVER_OF_SEVEN_IRON = 1.5

/**
 * How much longer or shorter this golfer's good gaps are than the typical ones, as a factor, and what
 * their driver carries. The factor is its mean over what is known of that carry, and the driver's own
 * shots take over one by one, so that no limit jumps with one more shot.
 */
export function bagStretch(stocks: readonly StockCarry[]): { factor: number; driverM: number } {
  const driver = stocks.find(({ club }) => club.kind === 'driver')
  const iron = sevenIron(
    stocks.map(({ club }) => club),
    SEVEN_IRON_WITHIN_DEG,
  )
  const seven = stocks.find(({ club }) => club === iron)
  const standIn = seven
    ? stretched(DRIVER_OF_SEVEN_IRON * seven.carryM, DRIVER_OF_SEVEN_IRON ** 2 * seven.varianceM2)
    : { factor: 1, driverM: TYPICAL_DRIVER_M }
  if (!driver) return standIn
  const itself = stretched(driver.carryM, driver.varianceM2)
  const share = Math.min(1, driver.count / FEWEST_DRIVER_SHOTS)
  return {
    factor: share * itself.factor + (1 - share) * standIn.factor,
    driverM: share * itself.driverM + (1 - share) * standIn.driverM,
  }
}

const stretched = (carryM: number, varianceM2: number) => ({
  factor: meanWithin(carryM / TYPICAL_DRIVER_M, Math.sqrt(varianceM2) / TYPICAL_DRIVER_M, STRETCH),
  driverM: carryM,
})

/** The mean of a normal quantity that is held within two bounds. */
function meanWithin(mean: number, sd: number, { least, most }: typeof STRETCH): number {
  if (sd <= 0) return Math.min(most, Math.max(least, mean))
  const [a, b] = [(least - mean) / sd, (most - mean) / sd]
  const inside = mean * (phi(b) - phi(a)) - sd * (density(b, 1) - density(a, 1))
  return least * phi(a) + most * (1 - phi(b)) + inside
}
