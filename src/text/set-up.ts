import type { Golfer, Units } from '@/core/model/golfer'
import type { Caution, Caveat, SetUp } from '@/core/session/set-up'
import { lengthIn, tempIn } from '@/core/units'
import { SURFACE_NAME, WIND_NAME } from './names'
import { fixed, percent, speed } from './numbers'

/** How a session was set up, and what was left open, put into words. */

/** A distance about the bay, in feet or metres: "2.6 m". */
export const nearby = (metres: number, { lengthUnit }: Units): string =>
  lengthUnit === 'yd' ? `${fixed(lengthIn(metres, 'ft'), 1)} ft` : `${fixed(metres, 1)} m`

export const altitude = (metres: number, { lengthUnit }: Units): string =>
  lengthUnit === 'yd' ? `${fixed(lengthIn(metres, 'ft'), 0)} ft` : `${fixed(metres, 0)} m`

export const temperature = (celsius: number, { tempUnit }: Pick<Golfer, 'tempUnit'>): string =>
  `${fixed(tempIn(celsius, tempUnit), 0)} °${tempUnit}`

const NOT_SET: Record<Extract<Caveat, { kind: 'not-said' }>['what'], string> = {
  surface: 'mat or grass is not set (changes launch and spin)',
  ball: 'the ball is not set (changes every number)',
  air: 'the weather is not set (changes carry)',
  altitude: 'the altitude is not set (changes carry and peak)',
  monitor: 'the monitor’s checks were skipped (changes every number)',
  net: 'the distance to the net is not set (changes spin and carry)',
  unit: 'the distance to the monitor is not set (changes every number)',
}

export function caveatSentence(caveat: Caveat, units: Units): string {
  switch (caveat.kind) {
    case 'not-said':
      return NOT_SET[caveat.what]
    case 'not-checked':
      return `“${caveat.what}” was not checked (changes ${caveat.touches})`
    case 'net-short':
      return `ball to net ${nearby(caveat.netM, units)} where ${nearby(caveat.wantedM, units)} is wanted: ${nearby(caveat.wantedM - caveat.netM, units)} short (changes spin and carry)`
    case 'unit-off': {
      const { unitM, leastM, mostM } = caveat
      return `monitor to ball ${nearby(unitM, units)} where ${nearby(leastM, units)} to ${nearby(mostM, units)} is wanted (changes every number)`
    }
  }
}

export const CAUTION: Record<Caution, string> = {
  heat: 'It is hot: drink, and rest in the shade.',
  cold: 'It is cold: warm up longer. Cold balls fly shorter too.',
  footing: 'Look to your footing: wet or worn ground slips.',
  net: 'The net is near: a ball can come back from it.',
}

/** What was said, in one line: "mat, range ball, 17 °C, calm, 12 m". */
export function setUpLine(
  { surface, ball, air, altitudeM, altitudeOf, monitor }: SetUp,
  golfer: Golfer,
): string {
  const wind =
    air.windMps === null && air.wind === null
      ? null
      : air.wind === null
        ? 'calm'
        : `${WIND_NAME[air.wind]}${air.windMps === null ? '' : `, ${speed(air.windMps, golfer)} ${golfer.speedUnit}`}`
  return [
    surface && SURFACE_NAME[surface],
    ball,
    air.tempC !== null && temperature(air.tempC, golfer),
    wind,
    altitudeM !== null && `${altitude(altitudeM, golfer)}${altitudeOf === 'home' ? ' as at home' : ''}`,
    monitor?.profile.name,
  ]
    .filter(Boolean)
    .join(', ')
}

/** The air in which a golfer's tables compare clubs. */
export function statedAir(golfer: Golfer): string {
  const { tempC, pressureHpa, humidity } = golfer.referenceAir
  return `in standard conditions: ${temperature(tempC, golfer)}, ${fixed(pressureHpa, 0)} hPa, ${percent(humidity)}, calm`
}

/** The air that numbers stand for, in a few words for a card. */
export function cardAir(setUp: SetUp | null, golfer: Golfer): string {
  if (golfer.compareIn === 'reference') return statedAir(golfer)
  const parts = [
    setUp?.air.tempC != null && temperature(setUp.air.tempC, golfer),
    setUp?.altitudeM != null && altitude(setUp.altitudeM, golfer),
  ].filter(Boolean)
  return parts.length > 0 ? `as measured, last at ${parts.join(' and ')}` : 'as measured, no weather'
}
