import { lengthIn, metresFrom, type LengthUnit } from '../units'
import { isPlausibleCarry } from './plausible-carry'
import { PLAUSIBLE_CARRY_M } from '../model/limits'

export type TypedShot = { kind: 'shot'; carryM: number; offlineM?: number; totalM?: number }
export type TypedShotProblem =
  | { kind: 'empty' }
  | { kind: 'not-a-carry'; text: string }
  | { kind: 'implausible-carry'; carry: number; least: number; most: number }
  | { kind: 'implausible-offline'; offline: number; carry: number }
  | { kind: 'implausible-total'; total: number; carry: number }

// A space parts the carry from how far off line it was: `129l` is neither 12 with 9 left nor 129 on line.
const TYPED =
  /^(\d+(?:[.,]\d+)?)(?:\s*(m|yd|y)\b)?(?:\s+t\s*(\d+(?:[.,]\d+)?))?(?:\s+(\d+(?:[.,]\d+)?)\s*([lr]))?(?:\s+t\s*(\d+(?:[.,]\d+)?))?$/i
/** A ball rolls back at most this share of its carry, and on at most this far. */
const TOTAL = { least: 0.85, onM: 120 }

/**
 * Reads what a golfer types in the bay: a carry, and if wanted the distance off line with its side and the total,
 * as in `129`, `128.6`, `129 3l` or `231 t250`. Numbers are in the golfer's own unit unless one stands behind the carry,
 * as in `121 m`; problems are stated in the unit that was typed.
 */
export function readTypedShot(text: string, own: LengthUnit): TypedShot | TypedShotProblem {
  const trimmed = text.trim()
  if (trimmed === '') return { kind: 'empty' }
  const match = TYPED.exec(trimmed)
  const suffix = match?.[2]?.toLowerCase()
  const unit: LengthUnit = suffix === undefined ? own : suffix === 'm' ? 'm' : 'yd'
  const carry = number(match?.[1] ?? trimmed)
  if (Number.isNaN(carry)) return { kind: 'not-a-carry', text: trimmed }
  const carryM = metresFrom(carry, unit)
  if (!isPlausibleCarry(carryM)) {
    const least = Math.ceil(lengthIn(PLAUSIBLE_CARRY_M.least, unit) - 1e-9)
    const most = Math.floor(lengthIn(PLAUSIBLE_CARRY_M.most, unit) + 1e-9)
    return { kind: 'implausible-carry', carry, least, most }
  }
  if (!match) return { kind: 'not-a-carry', text: trimmed }
  const totalText = match[3] ?? match[6]
  const total = totalText === undefined ? null : number(totalText)
  const totalM = total === null ? null : metresFrom(total, unit)
  if (total !== null && totalM !== null && (totalM < TOTAL.least * carryM || totalM > carryM + TOTAL.onM))
    return { kind: 'implausible-total', total, carry }
  const shot = { kind: 'shot' as const, carryM, ...(totalM !== null && { totalM }) }
  if (match[4] === undefined) return shot
  const offline = number(match[4])
  if (offline > carry) return { kind: 'implausible-offline', offline, carry }
  const side = match[5]?.toLowerCase() === 'l' ? -1 : 1
  return { ...shot, offlineM: offline === 0 ? 0 : side * metresFrom(offline, unit) }
}

/** Among several carries of one club a number under this share of the longest was meant otherwise: a side left out, most often. */
const LEAST_SHARE = 1 / 3

/** A carry with its total, and the distance off line with its side, behind it, or a carry alone. */
const ONE_OF_SEVERAL =
  /\d{1,6}(?:[.,]\d{1,6})?(?: ?(?:m|yd|y)\b)?(?: \d{1,6}(?:[.,]\d{1,6})? ?[lr](?![a-z])| t ?\d{1,6}(?:[.,]\d{1,6})?)+|\d{1,6}(?:[.,]\d{1,6})? ?(?:m|yd|y)\b|\S+/gi

/**
 * Reads several carries at once, as they come from a list or a sheet: one a line, or with spaces, semicolons
 * or commas between. A comma with one or two digits behind it is a decimal comma.
 * @returns every shot, or every problem with its place (1, 2, 3 …): nothing is half taken
 */
export function readTypedShots(
  text: string,
  unit: LengthUnit,
):
  | { kind: 'shots'; shots: TypedShot[] }
  | { kind: 'problems'; problems: { index: number; problem: TypedShotProblem }[] } {
  const spaced = text.replace(/[\n\r\t;]+|,(?=\s|$)|,(?=\d{3})/g, ' ').replace(/\s+/g, ' ')
  const pieces = spaced.match(ONE_OF_SEVERAL) ?? ['']
  const several = pieces.map((piece) => readTypedShot(piece, unit))
  const longest = several.reduce(
    (most, each) => (each.kind === 'shot' ? Math.max(most, each.carryM) : most),
    0,
  )
  const read = several.map((each, i): TypedShot | TypedShotProblem =>
    each.kind === 'shot' && each.carryM < LEAST_SHARE * longest
      ? { kind: 'not-a-carry', text: pieces.length === 2 ? text.trim() : (pieces[i] ?? '') }
      : each,
  )
  const problems = read.flatMap((each, i) => (each.kind === 'shot' ? [] : [{ index: i + 1, problem: each }]))
  if (problems.length > 0) return { kind: 'problems', problems }
  return { kind: 'shots', shots: read.filter((each) => each.kind === 'shot') }
}

const number = (text: string): number => Number(text.replace(',', '.'))
