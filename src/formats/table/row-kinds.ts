import type { Swing } from '@/core/model/station'
import { clubCell, looksLikeClub } from './club-cell'
import { readTitle, unitOf } from './columns'

/** Words with which rows begin that sum up others. */
const SUMMARY =
  /^(avg|averages?|mean|median|std|st\.? ?dev\.?|std\.? ?dev\.?|standard deviation|deviation|consistency|total|totals|sum|min|minimum|max|maximum|range|spread|count|shots?:?|best|durchschnitt|mittelwert|schnitt|standardabweichung|abweichung|moyenne|ecart[- ]type|écart[- ]type|media|promedio|desviacion.*|desviación.*)\b[\s:.]*$/i

/** Whether there is nothing in a row. */
export const isBlank = (line: readonly string[]): boolean => line.every((cell) => cell.trim() === '')

/** The club of a row that names a club and nothing else; null where it does not. */
export function onlyClub(line: readonly string[]): { label: string; swing: Swing | null } | null {
  const filled = line.filter((cell) => cell.trim() !== '')
  return filled.length === 1 && looksLikeClub(filled[0] as string) ? clubCell(filled[0] as string) : null
}

/** What a row is that holds no number of a shot. */
export function reasonWithoutNumbers(
  line: readonly string[],
  clubAt: number,
): 'blank' | 'club-heading' | 'header' | 'units' | 'summary' | 'no-number' {
  if (isBlank(line)) return 'blank'
  if (onlyClub(line)) return 'club-heading'
  const named = line.filter((cell) => readTitle(cell) !== null).length
  if (named >= 2) return 'header'
  const units = line.filter((cell) => unitOf(cell) !== null).length
  if (units >= 2) return 'units'
  return sumsUp(line, clubAt) ? 'summary' : 'no-number'
}

/** Whether a row sums up others: an average, a deviation, a total. */
export const sumsUp = (line: readonly string[], clubAt: number): boolean =>
  line.some((cell, i) => (i < 3 || i === clubAt) && SUMMARY.test(cell.trim()))
