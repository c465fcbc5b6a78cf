import { FLIGHT_FIELDS, type Flight, type FlightField } from '../shots/flight-fields'
import { FEWEST_TO_CORRECT, agreement, growthOf, keptPairs, type CarryPair } from './agree'
import type { ReadingPair } from './pair-readings'

/** By what a monitor's numbers of one field are off another's: a share of each, and what is added on top, in the field's unit. */
type Shift = { share: number; plus: number }
/** A shift that was found, for the monitor whose numbers it changes. */
export type Correction = Shift & {
  monitor: string
  field: FlightField
  /** The monitor that it is to read like, and by how many pairs. */
  against: string
  pairs: number
  /** Half of the 90% interval of what it changes, in the field's unit. */
  half: number
  setMs: number
  on: boolean
}

export const shifted = (value: number, { share, plus }: Shift): number => value * (1 + share) + plus

/** A flight as the corrections that are on for its monitor make it; the very same where none is. */
export function corrected<F extends Flight>(
  flight: F,
  monitor: string | null,
  corrections: readonly Correction[],
): F {
  const own = corrections.filter((each) => each.on && each.monitor === monitor)
  const changes = own.flatMap(({ field, ...shift }) => {
    const value = flight[field]
    return typeof value === 'number' ? [[field, shifted(value, shift)] as const] : []
  })
  return changes.length === 0 ? flight : { ...flight, ...Object.fromEntries(changes) }
}

/** By how much two monitors are off in one field, and what would bring the second to the first. */
export type FieldOff = {
  field: FlightField
  pairs: number
  /** First less second, with half of its 90% interval. */
  off: number
  half: number
  /** None where the difference is not surely any, and from fewer than eight pairs. */
  shift: Shift | null
}

/** Fields whose difference may grow with what is measured. */
const MAY_GROW: readonly FlightField[] = ['carryM', 'totalM']

/** Every field that both monitors measured, from three pairs on. */
export function fieldsOff(pairs: readonly ReadingPair[]): FieldOff[] {
  return FLIGHT_FIELDS.flatMap((field): FieldOff[] => {
    const values = pairs.flatMap(({ first, second }): CarryPair[] => {
      const [a, b] = [first[field], second[field]]
      return typeof a === 'number' && typeof b === 'number' ? [[a, b]] : []
    })
    const found = agreement(values, 0)
    if (!found) return []
    const { pairs: count, biasM: off, biasHalfM: half } = found
    const surely = count >= FEWEST_TO_CORRECT && Math.abs(off) > half
    const grows = MAY_GROW.includes(field) && count >= FEWEST_TO_CORRECT && growthOf(values)?.grows === true
    return [{ field, pairs: count, off, half, shift: surely || grows ? shiftOf(values, off, grows) : null }]
  })
}

/** A constant; or a share, where the difference grows with the distance and a share leaves less of it over. */
function shiftOf(values: readonly CarryPair[], off: number, grows: boolean): Shift {
  const constant = { share: 0, plus: off }
  if (!grows) return constant
  const kept = keptPairs(values)
  const pairs = values.filter((_, i) => kept[i])
  const logs = pairs.map(([a, b]) => Math.log(a / b))
  const share = { share: Math.exp(logs.reduce((sum, each) => sum + each, 0) / logs.length) - 1, plus: 0 }
  const leftBy = (shift: Shift) => pairs.reduce((sum, [a, b]) => sum + (a - shifted(b, shift)) ** 2, 0)
  return leftBy(share) < leftBy(constant) ? share : constant
}
