import { readNumber } from '../shots/typed-length'
import { metresFrom, type LengthUnit } from '../units'
import type { CarryPair } from './agree'

/** Lines of two carries, the same shot by either monitor. */
type TypedPairs = {
  pairs: { line: number; pair: CarryPair }[]
  /** Lines that hold no pair: a shot that one of the two lost, or no number. */
  left: { line: number; text: string }[]
}

/** Reads a line for each shot: two carries with anything between them, in the unit that is given. Empty lines are none. */
export function readPairs(text: string, unit: LengthUnit): TypedPairs {
  const found: TypedPairs = { pairs: [], left: [] }
  for (const [i, raw] of text.split(/\r?\n/).entries()) {
    const line = raw.trim()
    if (line === '') continue
    const numbers = line.split(/[\s;|/]+|,(?!\d)/).flatMap((word) => {
      const number = word === '' ? null : readNumber(word)
      return number === null || Number.isNaN(number) ? [] : [metresFrom(number, unit)]
    })
    const [aM, bM, more] = numbers
    if (aM !== undefined && bM !== undefined && more === undefined && aM > 0 && bM > 0)
      found.pairs.push({ line: i + 1, pair: [aM, bM] })
    else found.left.push({ line: i + 1, text: line })
  }
  return found
}
