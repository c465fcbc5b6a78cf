import type { Golfer } from '@/core/golfer'
import type { ClubId } from '@/core/ids'
import type { Fill } from '@/core/wedges/for-number'
import type { StationFlight } from '@/core/wedges/station-flight'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import { yards } from '@/core/units'
import { shortSwing, swingName } from './names'
import { count, fixed, len, lenUnit } from './numbers'

/** Wedge shots and what they are good for, put into words. */

type Named = (clubId: ClubId) => string

/** "58° wedge ¾" on a flag. */
export const flagName = (name: string, swing: string): string =>
  swing === 'full' ? name : `${name} ${shortSwing(swing)}`

/** Flights this near are alike. */
const ALIKE = { peakM: yards(2), landingDeg: 2, runM: yards(1.5) }

/** What a shot is good for beside another that finishes at the same number. */
export function goodFor(own: StationFlight, other: StationFlight): string {
  const higher = own.peakM - other.peakM
  const steeper = own.landingDeg - other.landingDeg
  const further = own.runM - other.runM
  const good: string[] = []
  if (higher > ALIKE.peakM) good.push('over a bunker')
  if (higher < -ALIKE.peakM) good.push('into the wind')
  // Where it stops is what counts on the green; the angle only where both stop alike.
  const stops = Math.abs(further) > ALIKE.runM ? -further : Math.abs(steeper) > ALIKE.landingDeg ? steeper : 0
  if (stops !== 0) good.push(stops > 0 ? 'to a front flag' : 'to a back flag')
  return good.length > 0 ? `Good ${good.join(' and ')}.` : 'It flies like the other: take the one you trust.'
}

/** A flight for a cell of the table, in two short lines. */
export function cellLines(
  { peakM, landingDeg, runM, spinRpm, carryM, modelled }: StationFlight,
  golfer: Golfer,
): [string, string] {
  const about = (is: boolean) => (is ? '≈ ' : '')
  return [
    `peak ${about(modelled.peak)}${len(peakM, golfer)}, lands ${about(modelled.landing)}${fixed(landingDeg, 0)}°, spin ${about(modelled.launch)}${fixed(spinRpm, 0)}`,
    `run ${about(modelled.run)}${len(runM, golfer)}, total ${about(modelled.run)}${len(carryM + runM, golfer)}`,
  ]
}

/** A flight in one line; what was not measured stands behind ≈. */
export function flightLine(
  { peakM, landingDeg, runM, spinRpm, modelled }: StationFlight,
  golfer: Golfer,
): string {
  const about = (is: boolean, text: string) => (is ? `≈ ${text}` : text)
  const run = len(Math.abs(runM), golfer)
  const runs = run === '0' ? 'stops where it lands' : runM > 0 ? `runs ${run}` : `comes back ${run}`
  return [
    `peak ${about(modelled.peak, len(peakM, golfer))}`,
    `lands at ${about(modelled.landing, `${fixed(landingDeg, 0)}°`)}`,
    about(modelled.run, runs),
    `spin ${about(modelled.launch, fixed(spinRpm, 0))}`,
  ].join(', ')
}

export function fillSentence(fill: Fill, name: Named, golfer: Golfer): string {
  const price = `${count(fill.shots, 'good strike')} would settle it.`
  switch (fill.kind) {
    case 'grip-down':
      return `The ${flagName(name(fill.clubId), fill.swing)} gripped ${fixed(fill.cm, 0)} cm down should finish there (rule of thumb). ${price}`
    case 'swing':
      return `The ${name(fill.clubId)} with the ${swingName(fill.swing)} swing, not hit yet, should carry ≈ ${lenUnit(fill.carryM, golfer)}. ${price}`
    case 'loft':
      return `A wedge of about ${fixed(fill.loftDeg, 0)}° would carry it with a full swing. ${price}`
  }
}

/** How a swing is made: "arm at 9 o’clock, gripped 2 cm down, slow". */
export function definitionLine({ clock, lengthShare, gripDownCm, tempo }: SwingDefinition): string {
  return (
    [
      clock !== null && `arm at ${fixed(clock, clock % 1 === 0 ? 0 : 1)} o’clock`,
      lengthShare !== null && `${Math.round(100 * lengthShare)}% of the full length`,
      gripDownCm > 0 && `gripped ${fixed(gripDownCm, gripDownCm % 1 === 0 ? 0 : 1)} cm down`,
      tempo,
    ]
      .filter(Boolean)
      .join(', ') || 'as it comes'
  )
}

/** "2.0 yd right on average". */
export function biasLine(meanM: number, golfer: Golfer): string {
  const far = len(Math.abs(meanM), golfer, 1)
  return far === '0.0'
    ? 'on line on average'
    : `${far} ${golfer.lengthUnit} ${meanM < 0 ? 'left' : 'right'} on average`
}
