import { isWithin, LIMITS, type Range } from '@/core/model/limits'
import type { Day } from '@/core/session/day'
import type { DayCard, DayLine, Interval, OnCourse } from '@/core/course/day-card'
import type { Turf } from '@/core/model/turf'
import type { AsHitBecause } from '@/core/flight/restate-shots'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { AirMissing } from '@/core/session/session-air'
import { speedIn } from '@/core/units'
import { around, count, fixed, len, lengthWords } from './numbers'
import { altitude, temperature } from './set-up'

/** The day, its card and the air of numbers, put into words. */

export const TURF_NAME: Record<Turf, string> = { soft: 'soft', normal: 'normal', firm: 'firm' }

const wind = (mps: number, golfer: Golfer): string =>
  `${fixed(speedIn(Math.abs(mps), golfer.speedUnit), 0)} ${golfer.speedUnit}`

/** The air and ground of a day: "9 °C, 12 m, 7 mph into, soft ground". */
export function dayLine(day: Day, golfer: Golfer): string {
  return [
    temperature(day.tempC, golfer),
    altitude(day.altitudeM, golfer),
    day.tailwindMps === 0
      ? 'calm'
      : `${wind(day.tailwindMps, golfer)} ${day.tailwindMps < 0 ? 'against' : 'along'}`,
    `${TURF_NAME[day.turf]} ground`,
  ].join(', ')
}

type Named = (clubId: ClubId) => string

/** The one finding of a day's card. */
export function dayFinding({ most, lines, unknownAir }: DayCard, name: Named, golfer: Golfer): string {
  // What is read subtracts: the two numbers stand in one row below.
  const change = most ? Number(len(most.toM, golfer)) - Number(len(most.fromM, golfer)) : 0
  const number = fixed(Math.abs(change), 0)
  if (most && number !== '0')
    return `The ${name(most.clubId)} carries ${lengthWords(most.toM, golfer)}, ${number} ${change > 0 ? 'more' : 'less'} than measured`
  if (lines.some(isRestated)) return 'This air changes no carry by more than its own ±'
  if (unknownAir > 0) return 'Weather is missing for these shots'
  return lines.some(({ measured }) => measured)
    ? 'Your carries stay as they were measured'
    : 'No stock yet to take to the course'
}

/** What else counts on that day, most important first. */
export function dayAdvice(card: DayCard, day: Day, name: Named, golfer: Golfer): string[] {
  const number: string[] = []
  const { ground } = card
  if (ground && Math.abs(ground.changeM) > 0.5)
    number.push(
      `On this ${TURF_NAME[day.turf]} ground the ${name(ground.clubId)} rolls ${len(Math.abs(ground.changeM), golfer)} ${golfer.lengthUnit} ${ground.changeM < 0 ? 'less' : 'more'}.`,
    )
  if (card.playTheCarry)
    number.push(
      day.turf === 'soft'
        ? 'Play the carry: on this ground little comes after it.'
        : 'It is cold: play the carry, and expect cold hands and layers to cost more than the air does.',
    )
  if (day.tailwindMps !== 0 || day.crosswindMps !== 0) number.push('What the wind does is an estimate.')
  if (card.unknownAir > 0)
    number.push(`${count(card.unknownAir, 'good shot')} without weather: not adjusted.`)
  return number
}

/** A change that is none, or perhaps none: "−1 ± 2: perhaps nothing"; empty for one that is. */
function perhapsNothing({ change }: DayLine, golfer: Golfer): string {
  if (!change || change.says === 'changes') return ''
  if (change.says === 'none') return 'no change'
  const { changeM, halfM } = change
  return `${changeM < 0 ? '−' : '+'}${len(Math.abs(changeM), golfer)} ± ${len(halfM, golfer)}: perhaps nothing`
}

/** Beside restated neighbours a line that could not be restated would invent a gap: it stays open. */
export const ofDayIsOpen = (line: DayLine, { lines }: DayCard): boolean =>
  !isRestated(line) && lines.some(isRestated)

/** Whether a line stands in the air of the day: what the course was off the bay moves one that does not. */
export const isRestated = ({ ofDay, change, onCourse }: DayLine): boolean =>
  ofDay !== undefined && (change !== undefined || onCourse === undefined)

/** Why a line shows no number for the day, or what to mind of it. */
export function lineNote(line: DayLine, golfer: Golfer): string {
  const { measured, inAir, onCourse } = line
  if (!measured) return 'not hit'
  const off = onCourse ? onCourseNote(onCourse, golfer) : ''
  if (!isRestated(line))
    return [inAir?.because[0] ? AS_HIT[inAir.because[0]] : '', off].filter(Boolean).join('; ')
  const asHit =
    inAir && inAir.asHit > 0
      ? `${inAir.asHit} of ${inAir.asHit + inAir.restated} as measured: ${inAir.because.map((each) => AS_HIT[each]).join('; ')}`
      : ''
  return [perhapsNothing(line, golfer), asHit, off].filter(Boolean).join('; ')
}

/** "as on the course: 4 less than in the bay" */
const onCourseNote = ({ byM }: OnCourse, golfer: Golfer): string =>
  `as on the course: ${len(Math.abs(byM), golfer)} ${byM < 0 ? 'less' : 'more'} than in the bay`

export const AS_HIT: Record<AsHitBecause, string> = {
  'unknown-air': 'no weather',
  'unknown-wind': 'its wind is not known',
  'no-flight': 'no flight has that launch',
}

const MISSING_AIR: Record<AirMissing, string> = {
  'carry-from': 'whether carries were measured or computed by the device',
  'device-air': 'the air in which the device computes',
  temperature: 'the temperature',
  pressure: 'the pressure or the altitude',
  wind: 'how strongly and from where the wind blew (0 is calm)',
}

/** All that is missing of an air, in one breath. */
export const missingAir = (missing: readonly AirMissing[]): string =>
  new Intl.ListFormat('en-GB').format(missing.map((each) => MISSING_AIR[each]))

export const interval = ({ atM, lowM, highM }: Interval, golfer: Golfer): string =>
  around({ carryM: atM, lowM, highM }, golfer)

/** What is wrong with a day as it was typed, and how to mend it; the limits are those that Banco keeps. */
export function dayProblems(day: Day, golfer: Golfer): string[] {
  const { tempC, altitudeM, seaLevelHpa, humidity, tailwindMps } = day
  const { dayTempC, altitudeM: heights, windAlongMps: winds, seaLevelHpa: pressures } = LIMITS
  const between = ({ least, most }: Range, inWords: (value: number) => string) =>
    `must lie from ${inWords(least)} to ${inWords(most)}`
  return [
    !isWithin(tempC, dayTempC) &&
      `The temperature ${between(dayTempC, (celsius) => temperature(celsius, golfer))}: type it anew.`,
    !isWithin(altitudeM, heights) &&
      `The altitude ${between(heights, (metres) => altitude(metres, golfer))}: type it anew.`,
    !isWithin(seaLevelHpa, pressures) &&
      `The pressure at sea level must lie from ${pressures.least} to ${pressures.most} hPa: type what the forecast says.`,
    !isWithin(humidity, LIMITS.humidity) && 'The humidity must lie from 0 to 100%: type it anew.',
    !isWithin(tailwindMps, winds) &&
      `No wind that golf is played in is stronger than ${wind(winds.most, golfer)}: type it anew.`,
  ].filter((number) => number !== false)
}
