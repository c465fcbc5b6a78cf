import { Z90 } from '../math/z90'
import { lengthIn, metresFrom, type LengthUnit } from '../units'

/** What the next good shot of a station should carry: mean and standard deviation in metres. */
export type NextCarry = { carryM: number; sdM: number }

export type Slip = {
  kind: 'swapped' | 'other-unit' | 'factor-ten' | 'missing-digit' | 'wrong-digit'
  /** What was meant, in the unit that was typed. */
  proposal: number
}

/** A slip is asked about outside the 99.8% interval, where it brings the carry inside the 90% one. */
const OUTSIDE_Z = 3.09
/** From this share of what is expected on, a short carry is a bad strike far more often than a wrong digit. */
const STRIKE_FROM = 0.6

/**
 * Notices a typed carry that one slip of the fingers explains. Never corrects: the golfer is asked.
 * @param carry as typed, in `unit`
 * @param others what the golfer's other clubs carry: a carry that one of them has is a wrong club more often than a slip
 * @returns the likeliest slip, null where the carry is plausible or no one slip explains it
 */
export function typedSlip(
  carry: number,
  unit: LengthUnit,
  next: NextCarry,
  others: readonly NextCarry[] = [],
): Slip | null {
  const away = (length: number) => Math.abs(metresFrom(length, unit) - next.carryM) / next.sdM
  if (away(carry) <= OUTSIDE_Z) return null
  if (others.some((other) => isNextCarry(metresFrom(carry, unit), other))) return null
  const text = String(carry)
  const share = metresFrom(carry, unit) / next.carryM
  const canBeAStrike = share >= STRIKE_FROM && share < 1
  const other: LengthUnit = unit === 'yd' ? 'm' : 'yd'
  // In the order in which fingers slip: a swap first, a wrong digit, which explains most, last.
  const kinds: [Slip['kind'], number[]][] = [
    ['swapped', swaps(text)],
    ['factor-ten', [carry * 10, carry / 10]],
    ['missing-digit', insertions(text)],
    ['other-unit', [lengthIn(metresFrom(carry, other), unit)]],
    ['wrong-digit', canBeAStrike ? [] : replacements(text)],
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
  const places = [...text].flatMap((letter, i) => (isDigit(letter) ? [i] : []))
  return places.slice(1).flatMap((b, i) => {
    const a = places[i] as number
    const letters = [...text]
    ;[letters[a], letters[b]] = [letters[b] as string, letters[a] as string]
    return letters.join('') === text ? [] : [Number(letters.join(''))]
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
