import type { RunFrom } from '@/core/stock/station-run'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { Fill } from '@/core/wedges/for-number'
import type { StationFlight } from '@/core/wedges/station-flight'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import type { Stretch } from '@/core/model/coverage'
import { yards } from '@/core/units'
import { shortSwing, swingName } from './names'
import { count, fixed, len, lenUnit } from './numbers'
import { FULL_SWING } from '@/core/model/station'

/** Wedge shots and what they are good for, put into words. */

type Named = (clubId: ClubId) => string

/** "58° wedge ¾" on a flag. */
export const flagName = (name: string, swing: string): string =>
  swing === FULL_SWING ? name : `${name} ${shortSwing(swing)}`

/** Flights this near are alike: nothing is said of two that are, the less so where they are modelled. */
const ALIKE = { peakM: yards(2), landingDeg: 2, runM: yards(1.5) }
const ALIKE_MODELLED = { peakM: yards(4), landingDeg: 3, runM: yards(3) }

/** A total that a device indoors computed is no ball's. */
const BY: Record<RunFrom, string> = { measured: '', monitor: ' by the monitor', modelled: '' }
/** The same where there is little room: a note says what it stands for. */
const STAR: Record<RunFrom, string> = { measured: '', monitor: '*', modelled: '' }

/** What a shot is good for beside another that finishes at the same number. */
export function goodFor(own: StationFlight, other: StationFlight): string {
  const higher = own.peakM - other.peakM
  const steeper = own.landingDeg - other.landingDeg
  const further = own.runM - other.runM
  const either = (is: (flight: StationFlight) => boolean) => (is(own) || is(other) ? ALIKE_MODELLED : ALIKE)
  const alike = {
    peakM: either(({ modelled }) => modelled.peak).peakM,
    landingDeg: either(({ modelled }) => modelled.landing).landingDeg,
    runM: either(({ runFrom }) => runFrom === 'modelled').runM,
  }
  const good: string[] = []
  if (higher > alike.peakM) good.push('over a bunker')
  if (higher < -alike.peakM) good.push('into the wind')
  // Where it stops is what counts on the green; the angle only where both stop alike.
  const stops = Math.abs(further) > alike.runM ? -further : Math.abs(steeper) > alike.landingDeg ? steeper : 0
  if (stops !== 0) good.push(stops > 0 ? 'to a front flag' : 'to a back flag')
  return good.length > 0 ? `Good ${good.join(' and ')}.` : 'It flies like the other: take the one you trust.'
}

/** A flight for a cell of the table, in two short lines. */
export function cellLines(
  { peakM, landingDeg, runM, runFrom, spinRpm, carryM, modelled }: StationFlight,
  golfer: Golfer,
): [string, string] {
  const about = (is: boolean) => (is ? '≈ ' : '')
  return [
    `peak ${about(modelled.peak)}${len(peakM, golfer)}, lands ${about(modelled.landing)}${fixed(landingDeg, 0)}°, spin ${about(modelled.launch)}${fixed(spinRpm, 0)}`,
    `roll ${about(runFrom === 'modelled')}${len(runM, golfer)}${STAR[runFrom]}, total ${about(runFrom === 'modelled')}${len(carryM + runM, golfer)}${STAR[runFrom]}`,
  ]
}

/** A flight in one line; what was not measured stands behind ≈. */
export function flightLine(
  { peakM, landingDeg, runM, runFrom, spinRpm, modelled }: StationFlight,
  golfer: Golfer,
): string {
  const about = (is: boolean, text: string) => (is ? `≈ ${text}` : text)
  const run = len(Math.abs(runM), golfer)
  const runs = run === '0' ? 'stops where it lands' : runM > 0 ? `rolls ${run}` : `comes back ${run}`
  return [
    `peak ${about(modelled.peak, len(peakM, golfer))}`,
    `lands at ${about(modelled.landing, `${fixed(landingDeg, 0)}°`)}`,
    about(runFrom === 'modelled', runs) + BY[runFrom],
    `spin ${about(modelled.launch, fixed(spinRpm, 0))}`,
  ].join(', ')
}

/**
 * Where no swing usually lands, and where two do: "No wedge swing of yours usually lands between 49 and 58 yd."
 * @param isCovered no distance between them is without a club
 */
export function reachesSentence(
  { free, shared }: { free: Stretch[]; shared: Stretch[] },
  golfer: Golfer,
  { swing, shots, isCovered }: { swing: string; shots: number; isCovered: boolean },
): string {
  if (shots < 2) return ''
  const spans = (stretches: Stretch[], and: string) =>
    stretches
      .map((stretch) => stretch.map((end) => len(end, golfer)))
      .filter(([from, to]) => from !== to)
      .map((ends) => ends.join(and))
  const [between, meet] = [spans(free, ' and '), spans(shared, '–')]
  const parts = [
    between.length > 0
      ? `No ${swing} of yours usually lands between ${between.join(', or ')} ${golfer.lengthUnit}.`
      : isCovered &&
        `From the shortest to the longest, some ${swing} of yours usually lands on every number.`,
    meet.length > 0 && `Two usually land on ${meet.join(', ')} ${golfer.lengthUnit}.`,
  ].filter(Boolean)
  return parts.length > 0 ? `${parts.join(' ')} (8 of 10 good shots)` : ''
}

export function fillSentence(fill: Fill, name: Named, golfer: Golfer): string {
  const price = `${count(fill.shots, 'good shot')} would confirm it.`
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
