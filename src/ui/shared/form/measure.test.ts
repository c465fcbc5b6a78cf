import { describe, expect, it } from 'vitest'
import { areNumbers, lengthMeasure, measuresOf, PERCENT, plain, readTyped, written } from './measure'
import { storeWithGolfer } from '../../../../tests/store'

const { golfer } = storeWithGolfer()
const imperial = measuresOf({ ...golfer, lengthUnit: 'yd', speedUnit: 'mph', tempUnit: 'F' })
const metric = measuresOf({ ...golfer, lengthUnit: 'm', speedUnit: 'km/h', tempUnit: 'C' })

describe('a number is typed in the golfer’s unit and kept in the canonical one', () => {
  // Definitions: 0 °C is 32 °F, a yard 0.9144 m, a mile 1609.344 m.
  it('converts temperatures, winds and lengths', () => {
    expect(readTyped('50', imperial.temp)).toBeCloseTo(10, 9)
    expect(readTyped('10', imperial.wind)).toBeCloseTo(4.4704, 9)
    expect(readTyped('36', metric.wind)).toBeCloseTo(10, 9)
    expect(readTyped('100', imperial.carry)).toBeCloseTo(91.44, 9)
    expect(readTyped('100', imperial.height)).toBeCloseTo(30.48, 9)
    expect(readTyped('55', PERCENT)).toBeCloseTo(0.55, 9)
  })

  it('takes a comma, the unit that stands beside it, and a length in another unit', () => {
    expect(readTyped('12,5', metric.temp)).toBe(12.5)
    expect(readTyped(' 46.5° ', plain('°', 1))).toBe(46.5)
    expect(readTyped('1450 m', imperial.height)).toBeCloseTo(1450, 9)
    expect(readTyped('100 yd', metric.carry)).toBeCloseTo(91.44, 9)
  })

  it('tells nothing from what is no number', () => {
    expect(readTyped('  ', metric.carry)).toBeNull()
    for (const text of ['far', '12 13', '9 iron', '--4', '1e'])
      expect([text, readTyped(text, metric.carry), readTyped(text, metric.temp)]).toEqual([text, NaN, NaN])
  })

  it('shows a kept number rounded, and reads back what it shows', () => {
    expect(written(91.44, imperial.carry)).toBe('100')
    expect(written(0.333, PERCENT)).toBe('33')
    expect(written(null, metric.temp)).toBe('')
    expect(written(NaN, metric.temp)).toBe('')
    for (const measure of [...Object.values(imperial), ...Object.values(metric), PERCENT])
      for (const canonical of [0, 0.5, 17.3, 91.44]) {
        const shown = written(canonical, measure)
        expect(written(readTyped(shown, measure), measure)).toBe(shown)
      }
  })

  it('keeps a length when the golfer changes units', () => {
    const kept = readTyped('50', lengthMeasure('yd', 0))
    expect(written(kept, lengthMeasure('m', 0))).toBe('46')
    expect(written(kept, lengthMeasure('yd', 0))).toBe('50')
  })

  it('finds a number that is none among others', () => {
    expect(areNumbers({ a: 1, b: null, c: 'far' })).toBe(true)
    expect(areNumbers({ a: 1, b: NaN })).toBe(false)
  })
})
