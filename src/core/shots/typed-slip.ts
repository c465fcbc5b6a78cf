import { Z90 } from '../math/z90'
import { lengthIn, metresFrom, type LengthUnit } from '../units'

/** What the next good shot of a station should carry: mean and standard deviation in metres. */
export type NextCarry = { carryM: number; sdM: number }

export type Slip = {
  kind: 'swapped' | 'other-unit' | 'factor-ten' | 'missing-digit' | 'wrong-digit'
  /** What was meant, in the unit that was typed. */
  proposal: number
}

/** A typed carry that does not fit its station. */
export type Doubt =
  /** No strike explains it: the golfer is asked before it counts. */
  | { is: 'too-long' | 'far-too-short'; slip: Slip | null }
  /** A mishit more often than a slip: it counts at once, and another reading is offered. */
  | { is: 'short'; slip: Slip }

/** The 99.8% interval of the next good shot ends here, in standard deviations. */
const OUTSIDE_Z = 3.09
/** Under this share of the stock a carry is more likely mistyped than struck. */
const STRIKE_FROM = 0.25
/** Slips that are offered for a short carry: a wrong digit or the other unit would explain every mishit. */
const OFFERED: readonly Slip['kind'][] = ['swapped', 'factor-ten', 'missing-digit']

/**
 * Notices a typed carry that does not fit, and the slip of the fingers that explains it. Never corrects.
 * @param carry as typed, in `unit`
 * @param others what the golfer's other clubs carry: a carry that one of them has is a wrong club more often than a slip
 * @returns null where the carry is plausible
 */
export function doubtOf(
  carry: number,
  unit: LengthUnit,
  next: NextCarry,
  others: readonly NextCarry[] = [],
): Doubt | null {
  const carryM = metresFrom(carry, unit)
  if (Math.abs(carryM - next.carryM) <= OUTSIDE_Z * next.sdM) return null
  if (others.some((other) => isNextCarry(carryM, other))) return null
  const slip = slipOf(carry, unit, next)
  if (carryM > next.carryM) return { is: 'too-long', slip }
  if (carryM < STRIKE_FROM * next.carryM) return { is: 'far-too-short', slip }
  return slip && OFFERED.includes(slip.kind) ? { is: 'short', slip } : null
}

/** The likeliest slip that brings a carry inside the 90% interval of the next good shot; null where none does. */
function slipOf(carry: number, unit: LengthUnit, next: NextCarry): Slip | null {
  const text = String(carry)
  const other: LengthUnit = unit === 'yd' ? 'm' : 'yd'
  const away = (length: number) => Math.abs(metresFrom(length, unit) - next.carryM) / next.sdM
  // In the order in which fingers slip: a swap first, a wrong digit, which explains most, last.
  const kinds: [Slip['kind'], number[]][] = [
    ['swapped', swaps(text)],
    ['factor-ten', [carry * 10, carry / 10]],
    ['missing-digit', insertions(text)],
    ['other-unit', [lengthIn(metresFrom(carry, other), unit)]],
    ['wrong-digit', replacements(text)],
  ]
  for (const [kind, lengths] of kinds) {
    const inside = lengths.filter((length) => away(length) < Z90)
    if (inside.length === 0) continue
    const nearest = inside.reduce((a, b) => (away(b) < away(a) ? b : a))
    return { kind, proposal: Math.round(nearest * 10) / 10 }
  }
  return null
}

/** Whether a carry lies in the 90% interval of the next good shot. */
const isNextCarry = (carryM: number, next: NextCarry): boolean =>
  Math.abs(carryM - next.carryM) < Z90 * next.sdM

const DIGITS = [...'0123456789']
const isDigit = (letter: string | undefined): letter is string =>
  letter !== undefined && DIGITS.includes(letter)

/** Two digits swapped that stand beside each other, a point between them or not. */
function swaps(text: string): number[] {
  const indexes = [...text].flatMap((letter, i) => (isDigit(letter) ? [i] : []))
  return indexes.slice(1).flatMap((b, i) => {
    const a = indexes[i] as number
    const chars = [...text]
    ;[chars[a], chars[b]] = [chars[b] as string, chars[a] as string]
    return chars.join('') === text ? [] : [Number(chars.join(''))]
  })
}

const replacements = (text: string): number[] =>
  [...text].flatMap((letter, i) =>
    isDigit(letter)
      ? DIGITS.filter((digit) => digit !== letter).map((digit) =>
          Number(text.slice(0, i) + digit + text.slice(i + 1)),
        )
      : [],
  )

/** A digit too few, before the point. */
function insertions(text: string): number[] {
  const whole = text.split('.')[0]?.length ?? 0
  return Array.from({ length: whole + 1 }, (_, i) =>
    DIGITS.map((digit) => Number(text.slice(0, i) + digit + text.slice(i))),
  ).flat()
}
