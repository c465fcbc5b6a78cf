import { describe, expect, it } from 'vitest'
import { SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import { lengthIn, yards } from '../units'
import { zonesOfSteps, type FullStock, type StepSchool } from './zones'

const stocks: FullStock[] = SIX.map((each, i) => ({
  club: each,
  carryM: yards(SIX_CARRIES_YD[i]!),
  count: 5,
}))
const limits = (
  school: StepSchool,
  more: { absent?: number[]; own?: never[] | object; of?: FullStock[] } = {},
) =>
  zonesOfSteps(SIX, more.of ?? stocks, more.absent ?? [0, 0, 0, 0, 0], {
    school,
    own: more.own as Parameters<typeof zonesOfSteps>[3]['own'],
  }).map(({ narrow, wide }) =>
    [lengthIn(narrow, 'yd'), lengthIn(wide, 'yd')].map((x) => Math.round(x * 10) / 10),
  )

describe('the schools of even steps', () => {
  it('by segment: a step belongs to its longer club', () => {
    expect(limits('segment')).toEqual([
      [10, 25],
      [10, 25],
      [7, 15],
      [7, 15],
      [7, 15],
    ])
  })

  it('a tenth of the pitching-wedge carry, between irons', () => {
    expect(limits('tenth').slice(1)).toEqual([
      [10, 25],
      [8, 16],
      [8, 16],
      [8, 16],
    ])
  })

  it('one even spread from wedge to longest, absent clubs counted', () => {
    expect(limits('spread')[0]).toEqual([18, 26])
    // 110 yd over seven steps of 15.7; the step that spans two more counts as three.
    expect(limits('spread', { absent: [2, 0, 0, 0, 0] }).slice(0, 2)).toEqual([
      [35.1, 59.1],
      [11.7, 19.7],
    ])
  })

  it('by loft: the golfer’s own yards a degree', () => {
    const [, second] = limits('loft')
    const perDegree = 3.06
    expect(second![0]).toBeCloseTo(5 * perDegree - 4, 0)
    expect(second![1]).toBeCloseTo(5 * perDegree + 4, 0)
  })

  it('the golfer’s own', () => {
    const triple = { reversed: 0, narrow: yards(5), wide: yards(12) }
    expect(limits('own', { own: triple })[3]).toEqual([5, 12])
    const bySegment = { top: triple, irons: { ...triple, wide: yards(13) }, wedges: triple }
    expect(limits('own', { own: bySegment })[3]).toEqual([5, 13])
  })

  it('fall back on segments where they cannot say', () => {
    expect(limits('own')).toEqual(limits('segment'))
    expect(limits('spread', { of: stocks.slice(0, 1) })).toEqual(
      limits('segment', { of: stocks.slice(0, 1) }),
    )
  })
})

describe('the driver stretches the limits', () => {
  const withDriver = (carry: number, count = 5) =>
    limits('segment', { of: [{ club: SIX[0]!, carryM: yards(carry), count }] })[2]

  it.each([
    [230, [7, 15]],
    [168, [5.6, 12]],
    [140, [5.3, 11.2]],
    [275, [7.7, 16.5]],
    [340, [8.8, 18.8]],
  ])('at %d yd', (carry, expected) => {
    expect(withDriver(carry)).toEqual(expected)
  })

  it('from four shots on', () => {
    expect(withDriver(168, 3)).toEqual([7, 15])
  })
})

it('a step over absent clubs counts as several', () => {
  expect(limits('segment', { absent: [0, 0, 1, 0, 0] })[2]).toEqual([14, 30])
})
