import { describe, expect, it } from 'vitest'
import type { Golfer } from '@/core/model/golfer'
import type { ClubId } from '@/core/model/ids'
import type { StationFlight } from '@/core/wedges/station-flight'
import type { SwingDefinition } from '@/core/wedges/swing-definition'
import { yards } from '@/core/units'
import {
  biasLine,
  cellLines,
  definitionLine,
  fillSentence,
  flagName,
  flightLine,
  goodFor,
  reachesSentence,
} from './wedges'

const GOLFER = { lengthUnit: 'yd', speedUnit: 'mph' } as Golfer
const MEASURED = { launch: false, peak: false, landing: false }
const flight = (peakYd: number, landingDeg: number, runYd: number): StationFlight => ({
  carryM: yards(90),
  peakM: yards(peakYd),
  landingDeg,
  runM: yards(runYd),
  runFrom: 'measured',
  runUnsureM: 0,
  spinRpm: 8000,
  path: [],
  modelled: MEASURED,
})

describe('two ways to one number', () => {
  it('the higher one goes over a bunker, the lower into the wind', () => {
    expect(goodFor(flight(27, 50, 2), flight(20, 47, 2))).toBe('Good over a bunker and to a front flag.')
    expect(goodFor(flight(20, 44, 5), flight(27, 50, 1))).toBe('Good into the wind and to a back flag.')
  })

  it('where it stops goes before how steeply it lands', () => {
    expect(goodFor(flight(20, 44, -6), flight(27, 52, -2))).toBe('Good into the wind and to a front flag.')
  })

  it('where both fly alike it says so', () => {
    expect(goodFor(flight(20, 44, 1), flight(20.5, 45, 1.5))).toMatch(/^It flies like the other/)
  })
})

it('of two modelled flights nothing is said that their model cannot know', () => {
  const modelled = (peakYd: number, landingDeg: number, runYd: number): StationFlight => ({
    ...flight(peakYd, landingDeg, runYd),
    runFrom: 'modelled',
    modelled: { launch: true, peak: true, landing: true },
  })
  expect(goodFor(modelled(23.5, 46.5, 3), modelled(20, 44, 5.5))).toMatch(/^It flies like the other/)
  expect(goodFor(modelled(25, 46.5, 3), modelled(20, 44, 5.5))).toBe('Good over a bunker.')
})

it('a total that a device indoors computed is called so', () => {
  expect(flightLine({ ...flight(27, 50, 4), runFrom: 'monitor' }, GOLFER)).toBe(
    'peak 27, lands at 50°, rolls 4 by the monitor, spin 8000',
  )
})

it('what was not measured stands behind ≈, a run may come back or be none', () => {
  expect(flightLine(flight(27.4, 50, -4), GOLFER)).toBe('peak 27, lands at 50°, comes back 4, spin 8000')
  const modelled = {
    ...flight(27.4, 50, 0.2),
    runFrom: 'modelled' as const,
    modelled: { launch: true, peak: true, landing: true },
  }
  expect(flightLine(modelled, GOLFER)).toBe('peak ≈ 27, lands at ≈ 50°, ≈ stops where it lands, spin ≈ 8000')
  expect(cellLines(flight(27, 50, -4), GOLFER)).toEqual([
    'peak 27, lands 50°, spin 8000',
    'roll −4, total 86',
  ])
})

it('says where no swing usually lands, and where two do; that some lands everywhere only where it does', () => {
  const zone = (from: number, to: number): [number, number] => [yards(from), yards(to)]
  const wedge = { swing: 'wedge swing', shots: 6, isCovered: true }
  expect(
    reachesSentence(
      { free: [zone(49, 58), zone(62, 66)], shared: [zone(58, 59), zone(70, 70.2)] },
      GOLFER,
      wedge,
    ),
  ).toBe(
    'No wedge swing of yours usually lands between 49 and 58, or 62 and 66 yd. Two usually land on 58–59 yd. (8 of 10 good shots)',
  )
  const none = { free: [], shared: [] }
  expect(reachesSentence(none, GOLFER, wedge)).toContain(
    'some wedge swing of yours usually lands on every number',
  )
  // Never beside distances without a club, nor of one swing alone.
  expect(reachesSentence(none, GOLFER, { ...wedge, isCovered: false })).toBe('')
  expect(reachesSentence(none, GOLFER, { ...wedge, shots: 1 })).toBe('')
})

it('flags are short, and a swing whose definition changed keeps its number', () => {
  expect(flagName('58° wedge', 'full')).toBe('58° wedge')
  expect(flagName('58° wedge', 'three-quarter')).toBe('58° wedge ¾')
  expect(flagName('58° wedge', 'half 2')).toBe('58° wedge ½ 2')
  expect(flagName('58° wedge', 'pitch')).toBe('58° wedge pitch')
})

it('what would fill a number comes with its price', () => {
  const name = (id: ClubId) => id
  const clubId = 'P-wedge' as ClubId
  expect(fillSentence({ kind: 'grip-down', clubId, swing: 'full', cm: 3.2, shots: 6 }, name, GOLFER)).toBe(
    'The P-wedge gripped 3 cm down should finish there (rule of thumb). 6 good shots would confirm it.',
  )
  expect(fillSentence({ kind: 'loft', loftDeg: 51.2, shots: 1 }, name, GOLFER)).toBe(
    'A wedge of about 51° would carry it with a full swing. 1 good shot would confirm it.',
  )
  expect(
    fillSentence({ kind: 'swing', clubId, swing: 'half', carryM: yards(72), shots: 4 }, name, GOLFER),
  ).toContain('not hit yet, should carry ≈ 72 yd')
})

it('a definition reads as it was said, and a bias has its side', () => {
  const fields: SwingDefinition = {
    swing: 'half',
    clock: 8.5,
    lengthShare: null,
    gripDownCm: 2,
    tempo: 'slow',
    fromMs: 0,
    untilMs: null,
  }
  expect(definitionLine(fields)).toBe('arm at 8.5 o’clock, gripped 2 cm down, slow')
  expect(definitionLine({ ...fields, clock: null, gripDownCm: 0, tempo: null })).toBe('as it comes')
  expect(biasLine(yards(2), GOLFER)).toBe('2.0 yd right on average')
  expect(biasLine(yards(-0.6), GOLFER)).toBe('0.6 yd left on average')
  expect(biasLine(yards(0.01), GOLFER)).toBe('on line on average')
})
