import type { Units } from '@/core/model/golfer'
import type { PracticeItem } from '@/core/practice/practice'
import type { Habit } from '@/core/stock/expectation'
import { count, len, lenUnit, percent } from './numbers'

/** Why a club is worth practising, and what it is worth. */
export function practiceSentence({ reason, worthM }: PracticeItem, units: Units): string {
  return reason.kind === 'strike'
    ? `The strike cost it carry in ${reason.sessions} of the last ${reason.of} sessions: worth ${lenUnit(worthM, units, 1)} a shot.`
    : `Its good shots scatter by ${percent(reason.share, 1)} of their carry, your other clubs by ${percent(reason.usual, 1)}. That costs ${lenUnit(worthM, units, 1)}.`
}

/** What became of what was to be practised. */
export function lastTimeSentence(
  { item, still }: { item: PracticeItem; still: PracticeItem | null },
  name: string,
  units: Units,
): string {
  const was = `${name}, ${item.reason.kind === 'strike' ? 'the strike' : 'the spread'}, worth ${lenUnit(item.worthM, units, 1)}`
  if (!still) return `${was}: no longer on the list.`
  const now = len(still.worthM, units, 1)
  return `${was}: still on it, now worth ${now}.`
}

/** "4.1 yd too hopeful", "0.4 yd too modest", "just right". */
export function tooHopeful(tooLongM: number, units: Units): string {
  const far = len(Math.abs(tooLongM), units, 1)
  return far === '0.0'
    ? 'just right'
    : `${far} ${units.lengthUnit} ${tooLongM < 0 ? 'too modest' : 'too hopeful'}`
}

/** The golfer's habit of guessing: "4.1 yd too hopeful on average, between 2 and 6, from 12 guesses". */
export const habitWords = ({ tooLongM, lowM, highM, count: guesses }: Habit, units: Units): string =>
  `${tooHopeful(tooLongM, units)} on average, between ${len(lowM, units)} and ${len(highM, units)}, from ${count(guesses, 'guess', 'guesses')}`
