import { describe, expect, it } from 'vitest'
import type { ClubId } from '@/core/model/ids'
import { hazardOf, numberFound, type NumberRequest } from '@/core/course/number'
import { WINDS_MPS, type CourseShot } from '@/core/course/course-shots'
import { USUAL_COVER_CONFIDENCE } from '@/core/model/cover-confidence'
import { yards } from '@/core/units'
import { choiceLine, playsAsLine, numberFinding, timesIn } from './course-number'

const YARDS = { lengthUnit: 'yd', speedUnit: 'mph' } as const
const METRES = { lengthUnit: 'm', speedUnit: 'km/h' } as const

it.each([
  [0.99, 'nearly always'],
  [0.9, '9 times in 10'],
  [0.67, '2 in 3'],
  [0.62, '6 times in 10'],
  [0.5, 'half the time'],
  [0.33, '1 in 3'],
  [0.11, 'once in 10'],
  [0.02, 'hardly ever'],
])('a chance of %d is said as "%s"', (chance, words) => {
  expect(timesIn(chance)).toBe(words)
})

describe('a caddie’s words', () => {
  /** The worked example: water at 165, a 5-wood of 178. */
  const wood: CourseShot = {
    ...{
      clubId: '5-wood' as ClubId,
      swing: 'full',
      carryM: yards(178),
      estimateOffM: 0,
      stockSdM: yards(1.5),
    },
    ...{ shotSdM: yards(5.3), missed: 0.14, runM: yards(8), runSdM: yards(2.8), biasM: 0, sideSdM: yards(8) },
    ...{ landingDeg: 41, path: [], windSdM: 0.2, windM: WINDS_MPS.map((wind) => 2 * wind) },
  }
  const request = (more: Partial<NumberRequest> = {}): NumberRequest => ({
    ...{ leftM: yards(178), by: 'carry', heightM: 0, tailwindMps: 0, dayWindMps: 0 },
    ...{ fromTee: false, sure: USUAL_COVER_CONFIDENCE },
    ...more,
  })
  const name = () => '5-wood'
  const water = hazardOf('over', 'water', yards(165))

  it('say how often it clears the water, what a good one does and what a miss does', () => {
    const sure = request({ ...water, sure: { ...USUAL_COVER_CONFIDENCE, water: 0.8 } })
    const [choice] = numberFound([wood], sure)
    if (!choice) throw new Error('there is a choice')
    expect(choiceLine(choice, sure, YARDS)).toBe(
      'clears the water 9 times in 10 (90%); a good one nearly always, a miss 1 in 3; carries 178, lies at ≈ 186',
    )
    expect(numberFinding([choice], sure, name, YARDS)).toBe('The 5-wood: carries within 5 yd half the time')
    expect(choiceLine(choice, sure, METRES)).toContain('carries 163')
  })

  it('say first that nothing is sure enough, and what comes nearest', () => {
    const far = request({ leftM: yards(190), ...hazardOf('over', 'water', yards(176)) })
    expect(numberFinding(numberFound([wood], far), far, name, YARDS)).toMatch(
      /^The 5-wood: \d\d% to clear the water, you asked for 90%$/,
    )
    const behind = request(hazardOf('behind', 'bunker', yards(184)))
    expect(numberFinding(numberFound([wood], behind), behind, name, YARDS)).toMatch(
      /^Nothing stays short of the bunker as surely as you want/,
    )
  })

  it('say which side of the green it misses where that is more often than not', () => {
    const green = { frontM: yards(185), backM: yards(205), halfWidthM: yards(12) }
    const of = request({ leftM: yards(195), green })
    const [choice] = numberFound([wood], of)
    if (!choice) throw new Error('there is a choice')
    expect(choiceLine(choice, of, YARDS)).toMatch(/^short more often than not; of good ones short \d\d%/)
    expect(numberFinding([choice], of, name, YARDS)).toMatch(/^The 5-wood: on the green/)
  })

  it('say what is nearest where nothing is close, and nothing where there is no shot', () => {
    const near = request({ leftM: yards(60) })
    expect(numberFinding(numberFound([wood], near), near, name, YARDS)).toBe(
      'Nothing of yours is close: the 5-wood carries 178 yd',
    )
    expect(numberFinding([], request(), name, YARDS)).toBe('No shot of yours for this number')
  })
})

it('what a number counts as is said only where height or wind change it, and names what was given', () => {
  const played = (more: object, toYd = 154.6) =>
    playsAsLine(
      { leftM: yards(148.6), heightM: 0, tailwindMps: 0, dayWindMps: 0, ...more },
      yards(toYd),
      YARDS,
    )
  expect(played({ heightM: 5, tailwindMps: -3 })).toBe(
    '149 yd to go counts as 155 yd with the height and the wind. ',
  )
  expect(played({ heightM: 5 })).toBe('149 yd to go counts as 155 yd with the height. ')
  // The wind of the day is in the card already.
  expect(played({ tailwindMps: -3, dayWindMps: -3 })).toBe('')
  expect(played({ heightM: 5 }, 148.8)).toBe('')
})
