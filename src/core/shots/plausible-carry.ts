import { PLAUSIBLE_CARRY_M } from '../model/limits'

/** Whether a carry in metres can be the carry of a golf shot. Anything but a finite number cannot. */
export function isPlausibleCarry(carryM: unknown): carryM is number {
  return (
    typeof carryM === 'number' &&
    Number.isFinite(carryM) &&
    carryM >= PLAUSIBLE_CARRY_M.least - 1e-9 &&
    carryM <= PLAUSIBLE_CARRY_M.most + 1e-9
  )
}
