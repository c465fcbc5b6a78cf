import { describe, expect, it } from 'vitest'
import { club, SIX, SIX_CARRIES_YD } from '../../../tests/shots'
import type { Club } from '../bag/club'
import { lengthIn, yards } from '../units'
import { bagStretch } from './bag-stretch'
import { limitsOfGaps, usualGapRule, type FullStock } from './zones'
import { type OwnZones, type GapRule } from '../model/gap-rule'

const stockOf = (each: Club, carryYd: number, more: Partial<FullStock> = {}): FullStock => ({
  club: each,
  carryM: yards(carryYd),
  varianceM2: 0,
  count: 5,
  ...more,
})
const stocks = SIX.map((each, i) => stockOf(each, SIX_CARRIES_YD[i]!))
const inYards = (metres: number) => Math.round(lengthIn(metres, 'yd') * 10) / 10
const limits = (
  gapRule: GapRule,
  { own, of = stocks, clubs = SIX }: { own?: OwnZones; of?: FullStock[]; clubs?: Club[] } = {},
) =>
  limitsOfGaps(clubs, of, { gapRule, own }).map(({ zones }) =>
    zones ? [inYards(zones.tooClose), inYards(zones.tooWide)] : null,
  )

/** Fourteen clubs but the putter: enough for the rules of a full bag. */
const FULL = [10.5, 15, 18, 22, 25, 28.5, 32, 36, 41, 46, 50, 54, 58].map((loft, i) =>
  club(`c${i}`, i === 0 ? 'driver' : i < 3 ? 'wood' : i === 3 ? 'hybrid' : i < 9 ? 'iron' : 'wedge', loft, i),
)

describe('limits by segment, a gap belonging to its longer club', () => {
  // The table of good gaps, rounded to whole yards as it is printed; starting values from fitting practice.
  it.each([
    [231, [12, 32], [9, 18], [8, 15], [9, 19]],
    [210, [11, 29], [8, 16], [7, 14], [8, 17]],
    [150, [8, 21], [6, 11], [5, 10], [6, 12]],
    [120, [6, 17], [5, 10], [4, 8], [5, 10]],
  ])('at a driver of %d yd', (driver, next, woods, irons, wedges) => {
    const limitsFound = limits('segment', { clubs: FULL, of: [stockOf(FULL[0]!, driver)] })
    const printed = limitsFound.map((pair) => pair!.map((limit) => Math.round(limit)))
    expect([printed[0], printed[1], printed[4], printed[10]]).toEqual([next, woods, irons, wedges])
  })

  it('without driver or 7-iron are those of a driver of 210 yd', () => {
    expect(limits('segment', { of: [] })).toEqual([
      [10.5, 29.4],
      [8, 16],
      [7, 14],
      [7, 14],
      [7, 14],
    ])
  })

  it('the 7-iron stands for the driver, 1.5 times its carry', () => {
    const seven = stockOf(SIX[3]!, 100)
    expect(bagStretch([seven]).factor).toBeCloseTo(150 / 210, 9)
    expect(bagStretch([seven]).driverM).toBeCloseTo(yards(150), 9)
  })
})

describe('a limit does not jump', () => {
  const seven = stockOf(SIX[3]!, 100)
  const factor = (count: number, carryYd = 231) =>
    bagStretch([stockOf(SIX[0]!, carryYd, { count, varianceM2: yards(4) ** 2 }), seven]).factor

  it('when the driver gets its fourth shot: its shots take over one by one', () => {
    const factors = [0, 1, 2, 3, 4, 5].map((count) => factor(count))
    const jumps = factors.slice(1).map((each, i) => each - factors[i]!)
    expect(Math.max(...jumps)).toBeLessThan(0.1)
    expect(factors[5]).toBe(factors[4])
  })

  it('where the stretch ends: it is a mean over what the driver may carry', () => {
    // A normal quantity with its mean at a bound, held there: closed form, half a deviation of the half normal.
    const sd = 4 / 210
    expect(factor(5, 231)).toBeCloseTo(1.1 - sd / Math.sqrt(2 * Math.PI), 5)
    const nearby = Array.from({ length: 60 }, (_, i) => factor(5, 215 + i / 2))
    const gaps = nearby.slice(1).map((each, i) => each - nearby[i]!)
    expect(Math.min(...gaps)).toBeGreaterThanOrEqual(0)
    expect(Math.max(...gaps)).toBeLessThanOrEqual(0.5 / 210 + 1e-9)
  })
})

describe('the other rules', () => {
  it('none chosen: by part of the bag, or by the golfer’s own limits where there are some', () => {
    expect(usualGapRule(undefined)).toBe('segment')
    expect(usualGapRule({ reversed: 0, tooClose: 5, tooWide: 10 })).toBe('own')
  })

  it('few clubs at 148 125 110 87 81 61: one good gap of 17.4, even from 11 to 25', () => {
    const of = [148, 125, 110, 87, 81, 61].map((carry, i) => stockOf(SIX[i]!, carry))
    expect(limits('spread', { of })).toEqual(Array(5).fill([11.3, 25.2]))
  })

  it('one even spread of a full bag takes 4 yd to each side, clubs not hit counted in their place', () => {
    const of = [stockOf(FULL[0]!, 220), ...[4, 8, 12].map((i) => stockOf(FULL[i]!, 220 - 12 * i))]
    expect(limits('spread', { clubs: FULL, of })).toEqual(Array(12).fill([8, 16]))
  })

  it('a tenth of the pitching-wedge carry, between irons alone', () => {
    expect(limits('tenth')).toEqual([...limits('segment').slice(0, 2), [8, 16], [8, 16], [8, 16]])
  })

  it('a tenth of a pitching wedge without shots says that it cannot speak', () => {
    const limitsFound = limitsOfGaps(SIX, stocks.slice(0, 5), { gapRule: 'tenth', own: undefined })
    expect(limitsFound[2]).toEqual({ zones: null, lacks: 'pitching-wedge' })
    expect(limitsFound[0]?.zones).not.toBeNull()
  })

  it('a tenth of the pitching wedge does not take the 50° for it', () => {
    const bag = [...SIX.slice(0, 5), club('wedge', 'wedge', 46, 5), club('gap', 'wedge', 50, 6)]
    const of = [...stocks.slice(0, 5), stockOf(bag[6]!, 105)]
    const limitsFound = limitsOfGaps(bag, of, { gapRule: 'tenth', own: undefined })
    expect(limitsFound[2]).toEqual({ zones: null, lacks: 'pitching-wedge' })
    const gapWedgeOnly = [...SIX.slice(0, 5), club('gap', 'wedge', 50, 5)]
    expect(limitsOfGaps(gapWedgeOnly, of, { gapRule: 'tenth', own: undefined })[2]).toMatchObject({
      zones: null,
    })
  })

  it('by loft: the golfer’s own yards a degree, the teed driver apart', () => {
    // Least squares through 198 178 160 136 120 at 21 26 32 40 46°: 1270/412 yd a degree.
    expect(limits('loft')[2]).toEqual([14.5, 22.5])
  })

  it('the golfer’s own, one for all or one for each segment, never stretched', () => {
    const triple = { reversed: 0, tooClose: yards(5), tooWide: yards(12) }
    expect(limits('own', { own: triple })[3]).toEqual([5, 12])
    const bySegment = { top: triple, irons: { ...triple, tooWide: yards(13) }, wedges: triple }
    expect(limits('own', { own: bySegment })[3]).toEqual([5, 13])
  })

  it('go by segment where they cannot say, and say so', () => {
    for (const [gapRule, of] of [
      ['own', stocks],
      ['spread', stocks.slice(0, 2)],
      ['loft', stocks.slice(0, 2)],
    ] as const) {
      expect(limits(gapRule, { of: [...of] })).toEqual(limits('segment', { of: [...of] }))
      const [first] = limitsOfGaps(SIX, of, { gapRule, own: undefined })
      expect(first).toMatchObject({ instead: 'segment' })
    }
  })
})
