import type { Units } from '@/core/model/golfer'
import type { Correction, FieldOff } from '@/core/monitors/correction'
import { FLIGHT, unitOfKind, type FlightField } from '@/core/shots/flight-fields'
import { lengthIn, speedIn } from '@/core/units'
import type { Agreement, Growth } from '@/core/monitors/agree'
import { MOST_PAIRS } from '@/core/monitors/pairs-to-prove'
import { atHead, count, fixed, len, lenUnit, listed, percent } from './numbers'

/** How two monitors agree, put into words. */

/** The one finding: "A reads 1.8 yd longer on average. Single shots can differ by −2 to 5 yd." */
export function agreeFinding(
  { pairs, biasM, biasHalfM, lowM, highM, claims, isGuess }: Agreement,
  { first, toleranceM }: { first: string; toleranceM: number },
  units: Units,
): string {
  const within = lenUnit(toleranceM, units)
  const reads =
    Math.abs(biasM) <= biasHalfM
      ? `${atHead(first)} reads about the same on average.`
      : `${atHead(first)} reads ${lenUnit(Math.abs(biasM), units, 1)} ${biasM < 0 ? 'shorter' : 'longer'} on average.`
  if (isGuess) return `A guess from ${count(pairs, 'pair')}. ${reads}`
  const single = `Single shots can differ by ${len(lowM, units)} to ${lenUnit(highM, units)}.`
  const shown = claims.limitsProven
    ? `They are shown to agree within ${within}.`
    : claims.limitsLook
      ? `They are not shown to agree within ${within}.`
      : `They do not agree within ${within}.`
  return `${reads} ${single} ${shown}`
}

/** The three claims, each by its own name and with what carries it; and the limits as the paper has them. */
export function agreeClaims(found: Agreement, toleranceM: number, units: Units): string[] {
  const { biasM, biasHalfM, lowM, highM, outerLowM, outerHighM, limits, claims } = found
  const within = lenUnit(toleranceM, units)
  const span = (low: number, high: number) => `${len(low, units, 1)} to ${len(high, units, 1)}`
  const says = (yes: boolean) => (yes ? 'Yes' : 'No')
  return [
    `On average within ${within}? ${says(claims.average)}. The difference is ${len(biasM, units, 1)} ± ${len(biasHalfM, units, 1)}.`,
    `Single shots seem within ${within}? ${says(claims.limitsLook)}. 95% of shots differ by ${span(lowM, highM)}.`,
    `Single shots shown to agree within ${within}? ${says(claims.limitsProven)}. They may differ by as much as ${span(outerLowM, outerHighM)}.`,
    `Limits of agreement (bias ± 1.96 sd): ${span(limits.lowM, limits.highM)}, each ± ${len(limits.halfM, units, 1)}.`,
  ]
}

/** Whether a correction would be a constant or a share: "It grows with distance: 3.0 ± 0.6 yd in 100". */
export function growthSentence(
  growth: Growth | null,
  { biasM }: Pick<Agreement, 'biasM'>,
  units: Units,
): string {
  if (!growth) return 'Ten pairs or more, from wedge to driver, would show whether it grows with distance.'
  const { perM, halfPerM, grows } = growth
  if (!grows) return 'It does not surely grow with distance: the same at every club.'
  const inHundred = `${fixed(Math.abs(100 * perM), 1)} ± ${fixed(100 * halfPerM, 1)} ${units.lengthUnit} in 100`
  return perM * biasM > 0
    ? `It grows with distance: ${inHundred}. Look at it in per cent.`
    : `It shrinks with distance: ${inHundred}. No share fits that.`
}

/** What was left out of the comparison. */
export function leftOverSentence(dropped: number, left: number): string {
  const parts = [
    dropped > 0 && `${count(dropped, 'pair')} too far off to be one shot`,
    left > 0 && `${count(left, 'line')} without a pair`,
  ].filter(Boolean)
  return parts.length > 0 ? `Left over: ${parts.join(', ')}.` : ''
}

/** What more pairs would prove: "About 40 pairs would prove it in 9 studies of 10, with these numbers: 20 more." */
export function moreSentence(
  { pairs, claims }: Agreement,
  needed: number | null,
  toleranceM: number,
  units: Units,
): string {
  if (claims.limitsProven) return `${count(pairs, 'pair')} prove it.`
  const within = lenUnit(toleranceM, units)
  if (needed === null)
    return claims.limitsLook
      ? `${count(pairs, 'pair')}. With this bias and this spread more than ${MOST_PAIRS} are needed to show that single shots agree within ${within}.`
      : `${count(pairs, 'pair')}. With this bias and this spread no number of pairs shows that single shots agree within ${within}.`
  return needed <= pairs
    ? `${count(pairs, 'pair')}: as many more may prove single shots within ${within}.`
    : `${count(pairs, 'pair')}. With this bias and this spread about ${needed} in all prove single shots within ${within} in 9 studies of 10: ${needed - pairs} more.`
}

/** What was paired with nothing: "Left over: 1 shot that only Loft read, 1 that only Bay 3 read." */
export function lostSentence(
  names: { first: string; second: string },
  left: { first: number; second: number; dropped: number },
): string {
  const parts = [
    left.first > 0 && `${count(left.first, 'shot')} that only ${names.first} read`,
    left.second > 0 && `${count(left.second, 'shot')} that only ${names.second} read`,
    left.dropped > 0 && `${count(left.dropped, 'pair')} too far apart to be one shot`,
  ].filter((part) => part !== false)
  return parts.length > 0 ? `Left over: ${listed(parts)}.` : 'Nothing is left over.'
}

/** A difference of a field, in the golfer's unit: "1.8 yd", "120 rpm". */
function offBy(field: FlightField, value: number, units: Units): string {
  const { kind, decimals } = FLIGHT[field]
  const shown =
    kind === 'speed'
      ? speedIn(value, units.speedUnit)
      : kind === 'angle' || kind === 'spin'
        ? value
        : lengthIn(value, units.lengthUnit)
  const unit = unitOfKind(kind, units)
  return `${fixed(shown, decimals)}${unit === 'deg' ? '°' : ` ${unit}`}`
}

/** What a correction does: "Bay 3: every carry counts 1.8 yd more". */
export function correctionSentence(
  { monitor, field, share, plus }: Pick<Correction, 'monitor' | 'field' | 'share' | 'plus'>,
  units: Units,
): string {
  const more = (value: number) => (value < 0 ? 'less' : 'more')
  const parts = [
    share !== 0 && `${percent(Math.abs(share), 1)} ${more(share)}`,
    plus !== 0 && `${offBy(field, Math.abs(plus), units)} ${more(plus)}`,
  ].filter((part) => part !== false)
  return `${monitor}: every ${FLIGHT[field].title} counts ${listed(parts)}`
}

/** How far two monitors are off in a field: "carry: 1.8 yd ± 0.6 yd apart, 18 pairs". */
export const fieldOffSentence = ({ field, off, half, pairs }: FieldOff, units: Units): string =>
  `${FLIGHT[field].title}: ${offBy(field, off, units)} ± ${offBy(field, half, units)} apart, ${count(pairs, 'pair')}`
