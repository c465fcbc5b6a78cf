import { describe, expect, it } from 'vitest'
import type { Day } from '@/core/session/day'
import type { DayCard, DayChange } from '@/core/course/day-card'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import { yards } from '@/core/units'
import { dayAdvice, dayFinding, dayLine, dayProblems, lineNote } from './day'

const GOLFER = {
  lengthUnit: 'yd',
  speedUnit: 'mph',
  tempUnit: 'C',
} as Golfer
const DAY: Day = {
  place: 'Tarnwick',
  tempC: 9,
  altitudeM: 8,
  seaLevelHpa: 1011,
  humidity: 0.8,
  tailwindMps: 0,
  crosswindMps: 0,
  turf: 'soft',
}
const id = (name: string) => name as ClubId
const name = (clubId: ClubId) => clubId
const interval = (atYd: number) => ({ atM: yards(atYd), lowM: yards(atYd - 2), highM: yards(atYd + 2) })
const line = { clubId: id('driver'), swing: 'full', measured: interval(230) }
const card = (more: Partial<DayCard>): DayCard => ({
  lines: [line],
  unknownAir: 0,
  adjustments: [],
  playTheCarry: false,
  ...more,
})

describe('the finding of a day', () => {
  it('is the carry that changes most, both ways', () => {
    const most = { clubId: id('driver'), fromM: yards(230), toM: yards(224) }
    expect(dayFinding(card({ most }), name, GOLFER)).toBe(
      'The driver carries 224 yards, 6 less than measured',
    )
    const more = { ...most, toM: yards(241) }
    expect(dayFinding(card({ most: more }), name, { ...GOLFER, lengthUnit: 'm' })).toBe(
      'The driver carries 220 metres, 10 more than measured',
    )
  })

  it('says plainly where nothing can be said', () => {
    expect(dayFinding(card({ unknownAir: 9 }), name, GOLFER)).toBe('Weather is missing for these shots')
    expect(dayFinding(card({ lines: [{ ...line, ofDay: interval(230) }] }), name, GOLFER)).toBe(
      'This air changes no carry by more than its own ±',
    )
    expect(dayFinding(card({ lines: [{ clubId: id('driver'), swing: 'full' }] }), name, GOLFER)).toBe(
      'No stock yet to take to the course',
    )
  })
})

describe('what else counts', () => {
  it('on soft ground: how much less it runs, and to play the carry', () => {
    const ground = { clubId: id('driver'), changeM: yards(-18) }
    expect(dayAdvice(card({ ground, playTheCarry: true }), DAY, name, GOLFER)).toEqual([
      'On this soft ground the driver rolls 18 yd less.',
      'Play the carry: on this ground little comes after it.',
    ])
  })

  it('in the wind it is called an estimate, and shots whose air nobody said are counted', () => {
    const sentence = dayAdvice(
      card({ unknownAir: 1 }),
      { ...DAY, turf: 'normal', tailwindMps: -3 },
      name,
      GOLFER,
    )
    expect(sentence).toEqual([
      'What the wind does is an estimate.',
      '1 good shot without weather: not adjusted.',
    ])
  })

  it('the cold is said beside what the air does', () => {
    const [sentence] = dayAdvice(
      card({ playTheCarry: true }),
      { ...DAY, turf: 'normal', tempC: 2 },
      name,
      GOLFER,
    )
    expect(sentence).toMatch(/^It is cold: play the carry/)
  })
})

it('a day reads in the golfer’s own units', () => {
  expect(dayLine({ ...DAY, tailwindMps: -4.4704 }, GOLFER)).toBe('9 °C, 26 ft, 10 mph against, soft ground')
  expect(dayLine(DAY, { ...GOLFER, tempUnit: 'F', lengthUnit: 'm' })).toBe('48 °F, 8 m, calm, soft ground')
})

it('a line says why it stays as measured, whole or in part', () => {
  const inAir = { restated: 0, asHit: 5, because: ['unknown-wind' as const] }
  expect(lineNote({ ...line, inAir }, GOLFER)).toBe('its wind is not known')
  expect(
    lineNote(
      { ...line, ofDay: interval(226), inAir: { restated: 3, asHit: 2, because: ['unknown-air'] } },
      GOLFER,
    ),
  ).toBe('2 of 5 as measured: no weather')
  expect(lineNote({ clubId: id('driver'), swing: 'full' }, GOLFER)).toBe('not hit')
})

it('a change whose interval holds zero is perhaps nothing, and one under half a yard none', () => {
  const moved = (byYd: number, halfYd: number, says: DayChange['says']) => ({
    ...line,
    ofDay: interval(230 + byYd),
    change: { changeM: yards(byYd), halfM: yards(halfYd), says },
  })
  expect(lineNote(moved(-1, 2, 'perhaps-nothing'), GOLFER)).toBe('−1 ± 2: perhaps nothing')
  expect(lineNote(moved(1, 2, 'perhaps-nothing'), { ...GOLFER, lengthUnit: 'm' })).toBe(
    '+1 ± 2: perhaps nothing',
  )
  expect(lineNote(moved(0.4, 0.1, 'none'), GOLFER)).toBe('no change')
  expect(lineNote(moved(-6, 2, 'changes'), GOLFER)).toBe('')
})

it('a day that cannot be is refused number by number, in the golfer’s own units', () => {
  expect(dayProblems(DAY, GOLFER)).toEqual([])
  expect(dayProblems({ ...DAY, tempC: 90, humidity: 1.2 }, { ...GOLFER, tempUnit: 'F' })).toEqual([
    'The temperature must lie from −22 °F to 122 °F: type it anew.',
    'The humidity must lie from 0 to 100%: type it anew.',
  ])
  expect(dayProblems({ ...DAY, altitudeM: 9000, seaLevelHpa: 700, tailwindMps: -80 }, GOLFER)).toHaveLength(3)
})
